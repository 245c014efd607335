"""XLIFF 2.1: by the schema of OASIS, read back by an independent library, and hostile files refused."""

from __future__ import annotations

from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st
from lxml import etree
from translate.storage.xliff2 import Xliff2File

from standtall.base.errors import MediaError, NothingToDo
from standtall.exchange.xliff import CORE, read_xliff, write_xliff
from standtall.model import translating
from standtall.model.transcript import Speaker, Transcript, revised, unrevised
from standtall.model.translation import Passage, Translation, passages_of
from standtall.model.words import Word

SCHEMAS = Path(__file__).parent.parent / "data" / "xliff"
TEXT = 'So I tried it, um, & waited. Three <beds>, three months. The "cardboard" won!'


def transcript() -> Transcript:
    words = tuple(
        Word(t, i * 20_000, i * 20_000 + 15_000, 0.9, i // 7, "filler" if t == "um," else "word")
        for i, t in enumerate(TEXT.split())
    )
    return Transcript(words, (Speaker("Odile"), Speaker("Wren")))


def german() -> Transcript:
    first = transcript()
    now = revised(first, translating.begin(first, "de"))
    now = revised(now, translating.translate(now, "de", 0, "Also habe ich es versucht & gewartet."))
    return revised(now, translating.translate(now, "de", 1, "Drei <Beete>,"))


def valid(path: Path) -> None:
    class Beside(etree.Resolver):
        def resolve(self, url: str, _name: str, context: object) -> object:
            return self.resolve_filename(str(SCHEMAS / Path(url).name), context)

    parser = etree.XMLParser()
    parser.resolvers.add(Beside())
    schema = etree.XMLSchema(etree.parse(str(SCHEMAS / "xliff-core-2.0.xsd"), parser))
    schema.assertValid(etree.parse(str(path)))


def test_passages_are_sentences_of_one_speaker_without_fillers() -> None:
    made = passages_of(transcript().words)
    assert [p.original for p in made] == ["So I tried it, & waited.", "Three <beds>, three months.", 'The "cardboard" won!']


def test_the_file_follows_the_schema_and_another_library_reads_it(tmp_path: Path) -> None:
    path = tmp_path / "talk.de.xlf"
    now = german()
    translation = translating.find(now, "de")
    assert translation is not None
    assert write_xliff(path, now, translation, "en", "talk.mp4") == 3
    valid(path)
    units = Xliff2File.parsefile(str(path)).units
    assert [(u.source, u.target or "") for u in units] == [(p.original, p.text) for p in translation.passages]
    assert read_xliff(path) == translation


def test_a_file_translated_elsewhere_comes_back_as_one_step(tmp_path: Path) -> None:
    path = tmp_path / "talk.fr.xlf"
    now = transcript()
    now = revised(now, translating.begin(now, "fr"))
    write_xliff(path, now, translating.find(now, "fr"), "en", "talk.mp4")  # type: ignore[arg-type]
    store = Xliff2File.parsefile(str(path))
    for unit in store.units:
        unit.target = unit.source.upper()
    store.savefile(str(path))
    revision = translating.take(now, read_xliff(path), "Translation from talk.fr.xlf")
    after = revised(now, revision)
    assert [p.text for p in after.translations[0].passages] == [p.original.upper() for p in after.translations[0].passages]
    assert unrevised(after, revision) == now
    with pytest.raises(NothingToDo, match="nothing that is not there"):
        translating.take(after, read_xliff(path), "again")


def test_split_and_marked_up_segments_are_joined(tmp_path: Path) -> None:
    path = tmp_path / "tool.xlf"
    path.write_text(f"""<?xml version="1.0"?><xliff xmlns="{CORE}" version="2.1" srcLang="en" trgLang="de"><file id="f">
      <unit id="p0-100"><segment id="a"><source>One </source><target>Eins <pc id="1">und</pc></target></segment>
      <ignorable><source> </source></ignorable><segment><source>two.</source><target>zwei.</target></segment></unit>
      <unit id="other"><segment><source>x</source><target>y</target></segment></unit></file></xliff>""", "utf-8")  # fmt: skip
    assert read_xliff(path) == Translation("de", (Passage(0, 100, "One two.", "Eins und zwei."),))


BOMB = '<!DOCTYPE x [<!ENTITY a "ha"><!ENTITY b "&a;&a;">]>'


@pytest.mark.parametrize(
    ("text", "says"),
    [
        (f'<?xml version="1.0"?>{BOMB}<xliff xmlns="{CORE}" version="2.1"/>', "definitions of its own"),
        ("<xliff", "damaged"),
        ('<xliff xmlns="urn:oasis:names:tc:xliff:document:1.2" version="1.2"/>', "not an XLIFF 2 file"),
        (f'<xliff xmlns="{CORE}" version="2.1" srcLang="en"/>', "which language"),
        (f'<xliff xmlns="{CORE}" version="2.1" srcLang="en" trgLang="de"/>', "Nothing"),
        (f'<xliff xmlns="{CORE}" version="2.1" srcLang="en" trgLang="../../x"/>', "which language"),
        ("WEBVTT\n", "damaged"),
    ],
)
def test_what_is_no_translation_is_refused_in_words(tmp_path: Path, text: str, says: str) -> None:
    path = tmp_path / "bad.xlf"
    path.write_text(text, "utf-8")
    with pytest.raises(MediaError, match=says):
        read_xliff(path)


@given(st.lists(st.text(min_size=1, max_size=40), min_size=1, max_size=6))
def test_any_text_survives_the_way_out_and_back(texts: list[str]) -> None:
    import tempfile

    rows = tuple(Passage(i * 100, i * 100 + 50, f"w{i}", " ".join(t.split())) for i, t in enumerate(texts))
    clean = ["".join(c for c in p.text if c >= " " and c not in "\ufffe\uffff" and not "\ud800" <= c <= "\udfff") for p in rows]
    if not any(clean):
        return
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "t.xlf"
        write_xliff(path, transcript(), Translation("de", rows), "en", "a.mp4")
        assert [p.text for p in read_xliff(path).passages] == [" ".join(c.split()) for c in clean]


def test_a_translation_is_undone_and_knows_when_the_original_changed() -> None:
    now = german()
    with pytest.raises(NothingToDo):
        translating.begin(now, "de")
    with pytest.raises(NothingToDo):
        translating.translate(now, "de", 1, "Drei  <Beete>,")
    gone = translating.forget(now, "de")
    assert revised(now, gone).translations == ()
    assert unrevised(revised(now, gone), gone) == now
    with pytest.raises(NothingToDo, match="None of its passages"):
        translating.take(now, Translation("de", (Passage(1, 2, "x", "y"),)), "x")


@pytest.mark.fault
@pytest.mark.parametrize("encoding", ["klingon-7", "utf-16", "iso-8859-1", "&#65;"])
def test_an_encoding_that_nobody_knows_is_no_fault(tmp_path: Path, encoding: str) -> None:
    """The text is decoded before: what it says of its own encoding counts no more."""
    path = tmp_path / "a.xlf"
    head = f'<?xml version="1.0" encoding="{encoding}"?>'
    body = (
        f'<xliff xmlns="{CORE}" version="2.1" srcLang="en" trgLang="de"><file id="f"><unit id="p0-48000"><segment>'
        "<source>soil</source><target>Böden</target></segment></unit></file></xliff>"
    )
    path.write_text(head + body, "utf-8")
    assert [p.text for p in read_xliff(path).passages] == ["Böden"]


@pytest.mark.fault
def test_elements_nested_without_end_are_read_or_refused(tmp_path: Path) -> None:
    path = tmp_path / "a.xlf"
    path.write_text(f'<xliff xmlns="{CORE}" version="2.1" trgLang="de">' + "<a>" * 200_000 + "</a>" * 200_000 + "</xliff>")
    with pytest.raises(MediaError):
        read_xliff(path)
