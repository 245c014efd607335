"""Words are found in the sound again in the language of the talk."""

from __future__ import annotations

import pytest

from standtall.base.errors import NothingToDo
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.session.realign import align_again
from standtall.speech import align
from standtall.speech.align import Timed


@pytest.mark.parametrize(("language", "asked"), [("de", "de"), ("", "en")])
def test_the_aligner_is_that_of_the_language(
    monkeypatch: pytest.MonkeyPatch, demo_source: Source, demo_analysis: Analysis, language: str, asked: str
) -> None:  # fmt: skip
    languages: list[str] = []

    class Fake:
        def __init__(self, language: str = "none") -> None:
            languages.append(language)

        def align(self, _samples: object, words: list[Timed]) -> list[Timed]:
            return [Timed(w.text, w.start, w.end, True) for w in words]

    monkeypatch.setattr(align, "PhoneAligner", Fake)
    times = align_again(demo_source, Transcript(demo_analysis.words), range(5, 7), language)
    assert languages == [asked]
    assert [abs(start - w.start) < 100 for (start, _end), w in zip(times, demo_analysis.words[5:7], strict=True)] == [True, True]


def test_a_language_whose_letters_tell_nothing_is_refused(demo_source: Source, demo_analysis: Analysis) -> None:
    with pytest.raises(NothingToDo, match="by their letters"):
        align_again(demo_source, Transcript(demo_analysis.words), range(5, 7), "ja")
