"""Which sounds letters stand for, by language, in the phones of the CMU set: the nearest English sound of each.

Out of the pronunciation keys that any dictionary of these languages prints (from memory). An aligner needs the rough
order of sounds and their kinds (a hiss, a stop, a vowel), not an accent.
"""

from __future__ import annotations

from typing import Final

_DE: Final = (
    "tsch:CH sch:SH chs:K S ch:HH ck:K dt:T ei:AY ai:AY ey:AY ay:AY ie:IY eu:OY äu:OY au:AW aa:AA ee:EY oo:OW pf:P F "
    "ph:F ng:NG nk:NG K qu:K V th:T tz:T S sp:SH P st:S T ss:S ß:S ah:AA eh:EY ih:IY oh:OW uh:UW äh:EH öh:ER üh:IY "
    "a:AA ä:EH e:EH i:IH o:AO ö:ER u:UH ü:IH y:IH j:Y v:F w:V z:T S s:Z x:K S c:K bb:B dd:D ff:F gg:G ll:L mm:M nn:N "
    "pp:P rr:R tt:T"
)
_DE_ENDS: Final = "ig:IH HH er:ER e:AH en:AH N el:AH L b:P d:T g:K s:S"
_DE_BEGINS: Final = "st:SH T sp:SH P"

_ES: Final = (
    "ch:CH ll:Y rr:R qu:K gue:G EY gui:G IY ge:HH EY gi:HH IY gé:HH EY gí:HH IY ce:S EY ci:S IY cé:S EY cí:S IY ñ:N Y "
    "ai:AY ay:AY ei:EY ey:EY oi:OY au:AW ia:Y AA ie:Y EY io:Y OW iu:Y UW ió:Y OW ié:Y EY iá:Y AA ua:W AA ue:W EY ui:W "
    "IY uo:W OW ué:W EY a:AA á:AA e:EY é:EY i:IY í:IY o:OW ó:OW u:UW ú:UW ü:W j:HH h: v:B z:S x:K S y:Y c:K w:W"
)
_ES_ENDS: Final = "y:IY ay:AY ey:EY oy:OY"
_ES_BEGINS: Final = "hie:Y EY hue:W EY x:S"

_IT: Final = (
    "sch:S K scia:SH AA scio:SH OW sciu:SH UW sce:SH EY sci:SH IY gli:L Y IY glia:L Y AA glio:L Y OW glie:L Y EY gn:N "
    "Y che:K EY chi:K IY ghe:G EY ghi:G IY cia:CH AA cio:CH OW ciu:CH UW ce:CH EY ci:CH IY gia:JH AA gio:JH OW giu:JH "
    "UW ge:JH EY gi:JH IY cce:CH EY cci:CH IY ggi:JH IY gge:JH EY qu:K W cqu:K W zz:T S z:T S h: ia:Y AA io:Y OW ie:Y "
    "EY iu:Y UW ua:W AA uo:W OW ue:W EY ui:W IY ai:AY ei:EY oi:OY au:AW a:AA à:AA e:EY è:EH é:EY i:IY ì:IY o:OW ò:AO "
    "u:UW ù:UW bb:B cc:K dd:D ff:F gg:G ll:L mm:M nn:N pp:P rr:R ss:S tt:T vv:V c:K j:Y"
)
_IT_ENDS: Final = ""
_IT_BEGINS: Final = ""


def _rules(text: str) -> tuple[tuple[str, str], ...]:
    """ "ch:HH ck:K S" as ((letters, sounds), …), longest first."""
    out: list[tuple[str, str]] = []
    for part in text.split():
        if ":" in part:
            letters, sound = part.split(":")
            out.append((letters, sound))
        else:
            out[-1] = (out[-1][0], f"{out[-1][1]} {part}")
    return tuple(sorted(out, key=lambda rule: -len(rule[0])))


RULES: Final = {
    code: tuple(_rules(text) for text in texts)
    for code, texts in {
        "de": (_DE, _DE_BEGINS, _DE_ENDS), "es": (_ES, _ES_BEGINS, _ES_ENDS), "it": (_IT, _IT_BEGINS, _IT_ENDS),
    }.items()
}  # fmt: skip
"""Rules of each language for anywhere, for the beginning of a word, and for its end."""


def sounds_by_rule(word: str, language: str, otherwise: dict[str, str]) -> str:
    """The phones of a word in lower case; `otherwise` gives those of single letters that no rule names."""
    anywhere, begins, ends = RULES[language]
    before, after = "", ""
    for letters, sounds in begins:
        if word.startswith(letters) and len(word) > len(letters):
            before, word = sounds, word[len(letters) :]
            break
    for letters, sounds in ends:
        if word.endswith(letters) and len(word) > len(letters):
            after, word = sounds, word[: -len(letters)]
            break
    out = [before]
    while word:
        found = next((rule for rule in anywhere if word.startswith(rule[0])), None)
        letters, sounds = found or (word[0], otherwise.get(word[0], ""))
        out.append(sounds)
        word = word[len(letters) :]
    return " ".join(part for part in (*out, after) if part)
