"""Words out and in again, read by independent readers; files that lie."""

from __future__ import annotations

import gc
import json
import re
import time
from dataclasses import replace
from pathlib import Path

import jsonschema
import pysubs2
import pytest
import webvtt
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from standtall.base.errors import MediaError, NothingToDo, StandTallError
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.cues import LINE, cues
from standtall.captions.said import spoken
from standtall.exchange.words_in import read_words
from standtall.exchange.words_out import FORMATS, text_of, write_words
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Speaker, Transcript, first_transcript
from standtall.model.words import Word

SCHEMA = json.loads((Path(__file__).parents[2] / "docs" / "words.schema.json").read_text("utf-8"))


@pytest.fixture(scope="session")
def demo_words(demo_analysis: Analysis) -> Transcript:
    made = first_transcript(demo_analysis.words, demo_analysis.people)
    return replace(made, speakers=(Speaker("Ren <R>"), Speaker("Marlo & Co"), Speaker("Odile"), *made.speakers[3:]))


def whole(transcript: Transcript) -> TimeMap:
    return TimeMap((Segment("k", 0, transcript.words[-1].end + 1),))


def test_srt_is_read_by_another_library_without_loss(demo_words: Transcript, tmp_path: Path) -> None:
    """pysubs2 as independent reader."""
    path = tmp_path / "a.srt"
    assert write_words(path, "k", demo_words, whole(demo_words)) == len(demo_words.words)
    read = pysubs2.load(str(path), encoding="utf-8")
    assert " ".join(e.plaintext.replace("\n", " ") for e in read).split() == [w.text for w in demo_words.words]
    made = cues(spoken({"k": demo_words}, whole(demo_words)))
    assert [(e.start, e.end) for e in read] == [(round(c.start / 48), round(c.end / 48)) for c in made]


def test_vtt_is_read_by_another_library_and_keeps_word_times(demo_words: Transcript, tmp_path: Path) -> None:
    """webvtt-py as independent reader; W3C WebVTT: time stamps inside a cue lie inside it and rise."""
    path = tmp_path / "a.vtt"
    write_words(path, "k", demo_words, whole(demo_words))
    read = webvtt.read(str(path))
    said = " ".join(c.text.replace("\n", " ") for c in read).replace("&amp;", "&").split()
    assert said == [w.text for w in demo_words.words]
    assert {c.voice for c in read if c.voice} >= {"Marlo &amp; Co"}
    for cue in read:
        stamps = [cue.start, *re.findall(r"<(\d\d:\d\d:\d\d\.\d{3})>", cue.raw_text), cue.end]
        assert stamps == sorted(set(stamps))
    again = read_words(path)
    assert again.times == "words"
    names = [[t.speakers[w.speaker].name if w.speaker >= 0 else "" for w in t.words] for t in (again, demo_words)]
    assert names[0] == names[1], "every word is said by whom it was"
    assert len(again.words) == len(demo_words.words)
    assert max(abs(a.start - b.start) for a, b in zip(again.words, demo_words.words, strict=True)) <= 48


def test_json_keeps_everything_and_follows_its_schema(demo_words: Transcript, tmp_path: Path) -> None:
    """JSON Schema 2020-12 by the jsonschema library."""
    words = list(demo_words.words)
    words[3] = replace(words[3], kind="unspoken")
    words[5] = replace(words[5], kind="filler")
    marked = replace(demo_words, words=tuple(words))
    path = tmp_path / "a.json"
    write_words(path, "k", marked, whole(marked))
    data = json.loads(path.read_text("utf-8"))
    jsonschema.validate(data, SCHEMA)
    again = read_words(path)
    kept = [w for w in words if w.kind != "unspoken"]
    assert [(w.text, w.start, w.end, w.speaker, w.kind) for w in again.words] == [
        (w.text, w.start, w.end, w.speaker, w.kind) for w in kept
    ]
    assert again.speakers == tuple(replace(t, person=-1) for t in marked.speakers)


def test_text_has_a_paragraph_for_each_speaker(demo_words: Transcript, tmp_path: Path) -> None:
    path = tmp_path / "a.txt"
    write_words(path, "k", demo_words, whole(demo_words))
    paragraphs = path.read_text("utf-8").split("\n\n")
    changes = sum(a.speaker != b.speaker for a, b in zip(demo_words.words, demo_words.words[1:], strict=False))
    assert len(paragraphs) == changes + 1
    assert re.match(r"\[0:01\] Marlo & Co:\nWelcome ", paragraphs[0])


def test_the_words_of_a_short_are_in_its_own_time(demo_words: Transcript) -> None:
    third, last = demo_words.words[2], demo_words.words[9]
    time_map = TimeMap((Segment("k", third.start, last.end),))
    data = json.loads(text_of(".json", demo_words, spoken({"k": demo_words}, time_map)))
    assert [w["text"] for w in data["words"]] == [w.text for w in demo_words.words[2:10]]
    assert data["words"][0]["start"] == 0.0


def test_cues_are_of_reading_size(demo_words: Transcript) -> None:
    made = cues(spoken({"k": demo_words}, whole(demo_words)))
    for cue in made:
        assert len(cue.lines) <= 2
        assert all(len(" ".join(w.text for w in line)) <= LINE for line in cue.lines)
        assert cue.end - cue.start <= 8 * TICKS_PER_SECOND
    assert all(a.end <= b.start for a, b in zip(made, made[1:], strict=False))


SRT = "1\r\n00:00:01,000 --> 00:00:02,500\r\nHello <i>there</i>,\r\n\r\n2\r\n00:00:02,000 --> 00:00:04,000\r\nyou two\r\n"


def test_captions_from_elsewhere_against_another_reader(tmp_path: Path) -> None:
    path = tmp_path / "a.srt"
    path.write_text(SRT, "utf-8")
    words = read_words(path).words
    theirs = [w for cue in webvtt.from_srt(str(path)) for w in re.sub("<[^>]*>", "", cue.text).split()]
    assert [w.text for w in words] == theirs == ["Hello", "there,", "you", "two"]
    assert words[0].start == TICKS_PER_SECOND
    assert all(a.end <= b.start for a, b in zip(words, words[1:], strict=False)), "overlapping cues must not overlap as words"


@pytest.mark.parametrize("encoding", ["utf-8-sig", "utf-16", "utf-16-le"])
def test_encodings(tmp_path: Path, encoding: str) -> None:
    path = tmp_path / "a.srt"
    mark = b"\xff\xfe" if encoding == "utf-16-le" else b""
    path.write_bytes(mark + SRT.replace("Hello", "Grüße").encode(encoding))
    assert read_words(path).words[0].text == "Grüße"


@pytest.mark.parametrize(
    ("name", "data", "says"),
    [
        ("a.srt", b"\xfb\xfe bad", "UTF-8"), ("a.srt", b"", "no words"), ("a.vtt", b"WEBVTT\n\n", "no words"),
        ("a.srt", b"1\n99:99:99,999 --> 00:00:01,000\nbackwards\n", "no words"), ("a.txt", b"a\0b", "not a text file"),
        ("a.json", b"{", "not word-timed"), ("a.json", b'{"words": 3}', "not word-timed"), ("a.json", b"[" * 9_000, "not word-timed"),
        ("a.json", b'[{"text": "x", "start": 1e99, "end": 2}]', "not word-timed"),
        ("a.json", b'[{"text": "x", "start": NaN, "end": 2}]', "not word-timed"),
    ],
)  # fmt: skip
def test_bad_files_are_told(tmp_path: Path, name: str, data: bytes, says: str) -> None:
    path = tmp_path / name
    path.write_bytes(data)
    with pytest.raises(MediaError, match=says):
        read_words(path)


@settings(max_examples=150, suppress_health_check=[HealthCheck.function_scoped_fixture], deadline=None)
@given(data=st.binary(max_size=300), place=st.integers(0, 2000), ending=st.sampled_from(sorted(FORMATS)))
def test_cut_and_flipped_files_never_do_worse_than_a_clear_error(
    demo_words: Transcript, tmp_path: Path, data: bytes, place: int, ending: str
) -> None:
    good = text_of(ending, demo_words, spoken({"k": demo_words}, TimeMap((Segment("k", 0, 20 * TICKS_PER_SECOND),)))).encode()
    path = tmp_path / f"a{ending}"
    place %= len(good)
    path.write_bytes(good[:place] + data + good[place + len(data) // 2 :])
    try:
        words = read_words(path).words
    except StandTallError as error:
        assert error.message
        return
    assert all(a.end <= b.start or b.start == 0 for a, b in zip(words, words[1:], strict=False))


def test_a_line_of_ten_megabytes_is_no_trouble(tmp_path: Path) -> None:
    path = tmp_path / "a.srt"
    path.write_text("1\n00:00:01,000 --> 00:00:02,000\n" + "x" * 10_000_000 + "\n", "utf-8")
    assert len(read_words(path).words[0].text) <= 200


def test_an_unknown_ending_is_told(demo_words: Transcript, tmp_path: Path) -> None:
    with pytest.raises(NothingToDo, match="ending"):
        write_words(tmp_path / "a.docx", "k", demo_words, whole(demo_words))
    with pytest.raises(NothingToDo, match="no words"):
        write_words(tmp_path / "a.srt", "k", Transcript((Word("x", 0, 9, 1.0, -1, "unspoken"),)), TimeMap((Segment("k", 0, 99),)))


# hostile files


HOSTILE = {
    "voices": "WEBVTT\n\n00:01.000 --> 00:02.000\n" + "<v " * 17_000,
    "angles": "WEBVTT\n\n00:01.000 --> 00:02.000\n" + "<" * 9_000 + "\n" + "<" * 9_000,
    "braces": "1\n00:00:01,000 --> 00:00:02,000\n" + "{\\" * 5_000,
    "one cue of 3 MB": "WEBVTT\n\n00:01.000 --> 10:02.000\n" + "<00:00.500>word <00:00.400>\n" * 110_000,
    "stamps": "WEBVTT\n\n00:01.000 --> 10:00.000\n" + "".join(f"<00:01.{n % 1000:03}>w " for n in range(100_000)),
    "arrows": "1 --> 2\n" * 300_000,
    "digits": "1\n00:00:01,000 --> 00:00:02,000\n&#" + "9" * 6_000 + "; word",
    "many cues": "".join(
        f"{n}\n00:{n // 60 % 60:02}:{n % 60:02},000 --> 00:{n // 60 % 60:02}:{n % 60:02},900\nword\n\n" for n in range(60_000)
    ),
}


def seconds(path: Path) -> float:
    """Processor time that reading a file takes, without that of collecting what other tests left."""
    gc.disable()
    began = time.thread_time()
    try:
        read_words(path)
    except MediaError as error:
        assert error.hint
    finally:
        gc.enable()
    return time.thread_time() - began


@pytest.mark.fault
@pytest.mark.parametrize("name", HOSTILE)
def test_a_hostile_caption_file_takes_no_longer_than_its_size(tmp_path: Path, name: str) -> None:
    half, whole = tmp_path / "half.vtt", tmp_path / "whole.vtt"
    half.write_text(HOSTILE[name][: len(HOSTILE[name]) // 2])
    whole.write_text(HOSTILE[name])
    # a busy machine may slow one reading, but not each of three
    tries = ((seconds(half), seconds(whole)) for _ in range(3))
    assert any(b < 3.2 * a + 0.3 for a, b in tries), "twice the size takes about twice the time; four times would be its square"


@pytest.mark.fault
@pytest.mark.parametrize(
    "text", ['{"words": [{"text": "a", "start": 0, "end": ' + "9" * 400 + "}]}", '{"words": [{"text": "a", "start": 0, "end": NaN}]}',
             "{" + '"a":{' * 50_000, '{"words": [{"text": "a", "start": 0, "end": 1, "confidence": 1' + "0" * 30 + "}]}",
             '{"words": [{"text": "a", "start": 0, "end": 1, "confidence": -Infinity}]}', '{"words": ' + "[" * 90_000],
    ids=["digits", "no number", "deep", "huge", "infinite", "deep list"],
)  # fmt: skip
def test_json_that_nobody_can_mean_is_refused(tmp_path: Path, text: str) -> None:
    path = tmp_path / "a.json"
    path.write_text(text)
    with pytest.raises(MediaError, match="not word-timed JSON"):
        read_words(path)
