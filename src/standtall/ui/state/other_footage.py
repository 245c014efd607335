"""The footage of a short beside that on the Bench: a short may use several files."""

from __future__ import annotations

from collections.abc import Callable, Set
from dataclasses import dataclass

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.compose.footage import Footage
from standtall.framing.camera import plan
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.model.analysis import Analysis
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.session.analyse import Options, known, so_far
from standtall.session.told import Found, Spoken, as_told, found_in, transcript_of


@dataclass(frozen=True, slots=True)
class _Kept:
    found: Found
    transcript: Transcript
    short: Short
    footage: Footage


class OtherFootage:
    """Kept from edit to edit; used in the project thread alone."""

    def __init__(self, cache: AnalysisCache) -> None:
        self._cache = cache
        self._kept: dict[str, _Kept] = {}
        self._spoken: dict[str, tuple[Found, Transcript, Spoken]] = {}

    def of(
        self, project: Project, short: Short, main: str, sources: tuple[Source, ...], options_of: Callable[[Source], Options]
    ) -> dict[str, Footage]:
        """All footage of a short but the main one, by key. Raises `ProjectError` where one is not in the project, or was not
        analysed yet."""
        others = [key for key in short.sources if key != main]
        self._kept = {key: kept for key, kept in self._kept.items() if key in others}
        known_here = {s.key: s for s in sources}
        return {key: self._footage(project, short, key, known_here, options_of) for key in others}

    def spoken(
        self, project: Project, keys: Set[str], sources: tuple[Source, ...], options_of: Callable[[Source], Options]
    ) -> dict[str, Spoken]:
        """What is said in other footage, by key, without words where it is not analysed; what is not in the project is none."""
        self._spoken = {key: kept for key, kept in self._spoken.items() if key in keys}
        silent: dict[str, Spoken] = {}
        for source in sources:
            if source.key not in keys:
                continue
            kept = self._spoken.get(source.key)
            if kept is not None:
                found = kept[0]
            elif (measured := self._measured(source, options_of(source))) is not None:
                found = found_in(measured)
            else:
                silent[source.key] = Spoken(source, ())
                continue
            transcript = transcript_of(project, found)
            if kept is None or kept[1] != transcript:
                self._spoken[source.key] = found, transcript, Spoken(source, as_told(found.analysis, transcript).words)
        return silent | {key: spoken for key, (_found, _transcript, spoken) in self._spoken.items()}

    def _measured(self, source: Source, options: Options) -> Analysis | None:
        return known(source, options, self._cache) or so_far(source, options, self._cache)

    def _footage(
        self, project: Project, short: Short, key: str, sources: dict[str, Source], options_of: Callable[[Source], Options]
    ) -> Footage:
        source, kept = sources.get(key), self._kept.get(key)
        if source is None:
            raise ProjectError(
                tr("“{name}” also shows footage that is not in this project.", name=short.name),
                tr("Add it in the Footage place."),
            )
        if kept is None or kept.footage.source != source:
            measured = self._measured(source, options_of(source))
            if measured is None:
                raise ProjectError(
                    tr("“{name}” also shows {other}, which is not analysed.", name=short.name, other=source.name),
                    tr("Analyse it in the Footage place."),
                )
            found = found_in(measured)
        else:
            found = kept.found
        transcript = transcript_of(project, found)
        if kept is not None and kept.found is found and kept.transcript == transcript and _same_view(kept.short, short):
            return kept.footage
        analysis = as_told(found.analysis, transcript)
        before = kept.footage.camera if kept is not None and kept.found is found else None
        made = Footage(source, analysis, plan(short, source, analysis.people, everywhere=True, before=before))
        self._kept[key] = _Kept(found, transcript, short, made)
        return made


def _same_view(before: Short, now: Short) -> bool:
    return (before.framing, before.output) == (now.framing, now.output)
