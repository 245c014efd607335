"""Word lists by language: whole, and what they tell of talks in other languages."""

from __future__ import annotations

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import Analysis
from standtall.model.words import Word
from standtall.moments.lists import FOLDER, Lists, lists_of
from standtall.moments.talk import Talk

LANGUAGES = sorted(p.stem for p in FOLDER.glob("*.json"))

TALKS = {
    "de": (
        "Hallo und herzlich willkommen zu Hafenluft.",
        "Die Taucherin fand im Hafen die Schlüssel der Fähre unter einer rostigen Rampe.",
        "Wahnsinn.",
        "Seitdem steuert sie jeden Sonntag das Schiff einmal über den Sund nach Norden.",
        "Danke fürs Zuhören und bis zum nächsten Mal.",
    ),
    "es": (
        "Hola y bienvenidos a Aire de Puerto.",
        "La buceadora encontró las llaves del transbordador debajo de una rampa oxidada.",
        "Qué fuerte.",
        "Desde entonces pilota cada domingo el barco hasta la otra orilla del estrecho.",
        "Gracias por escucharnos y hasta la próxima.",
    ),
    "fr": (
        "Bonjour et bienvenue dans Air du Port.",
        "La plongeuse a trouvé les clés du ferry sous une rampe rouillée du quai.",
        "C'est incroyable.",
        "Depuis elle pilote chaque dimanche le bateau jusqu'à la rive opposée du détroit.",
        "Merci de nous avoir écoutés et à bientôt.",
    ),
    "it": (
        "Ciao e benvenuti a Aria di Porto.",
        "La sommozzatrice trovò le chiavi del traghetto sotto una rampa arrugginita del molo.",
        "Davvero incredibile.",
        "Da allora pilota ogni domenica la nave fino alla sponda opposta dello stretto.",
        "Grazie per averci ascoltato e alla prossima.",
    ),
    "pt": (
        "Olá e bem-vindos ao Ar do Porto.",
        "A mergulhadora encontrou as chaves da balsa debaixo de uma rampa enferrujada.",
        "Que incrível.",
        "Desde esse dia pilota cada domingo o barco para a margem oposta do estreito.",
        "Obrigado por ouvir e até a próxima.",
    ),
}


def told(language: str, sentences: tuple[str, ...]) -> list[str]:
    """What each sentence is beside talk; the third is somebody else's."""
    words: list[Word] = []
    at = TICKS_PER_SECOND
    for number, sentence in enumerate(sentences):
        for part in sentence.split():
            words.append(Word(part, at, at + TICKS_PER_SECOND // 3, 0.95, int(number == 2)))
            at += TICKS_PER_SECOND // 2
        at += 12 * TICKS_PER_SECOND  # what is said between a welcome and a notice soon after it belongs to both
    return list(Talk(Analysis("k", tuple(words), language=language)).asides)


@pytest.mark.parametrize("language", LANGUAGES)
def test_every_language_has_every_list(language: str) -> None:
    made = lists_of(language)
    empty = [f for f in Lists.__slots__ if getattr(made, f) in (frozenset(), lists_of("xx").greeting)]
    assert set(empty) <= {"i_am"}, "only English says a name with a word of its own"
    assert all(w == w.lower() for f in Lists.__slots__ if isinstance(getattr(made, f), frozenset) for w in getattr(made, f))


@pytest.mark.parametrize("language", TALKS)
def test_greetings_and_reactions_are_told_in_every_language(language: str) -> None:
    assert told(language, TALKS[language]) == ["notice", "", "reaction", "", "notice"]


def test_english_is_told_by_no_other_list_and_an_unknown_language_by_none() -> None:
    assert "notice" not in told("xx", TALKS["de"])
    assert "notice" not in told("de", TALKS["es"])
    assert lists_of("") is not lists_of("xx") and lists_of("").claim == lists_of("en").claim
    assert not lists_of("xx").claim and not lists_of("xx").past_form.fullmatch("played")
