"""What can be asked for: self-contained values that say all that the work needs, as it was when it was asked for."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Literal

from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.form import Form
from standtall.model.framing import BoxAt
from standtall.model.look import Look
from standtall.model.routine import Routine
from standtall.model.short import Short
from standtall.model.source import Source


@dataclass(frozen=True, slots=True)
class AnalyseRequest:
    """Find words, shots, faces and speakers of a source; `captions` is a caption file to import the words from, if any."""

    source: Source
    brief: Brief
    terms: tuple[str, ...] = ()
    captions: str = ""
    kind: Literal["analyse"] = "analyse"


@dataclass(frozen=True, slots=True)
class RenderFootage:
    """A source of a short, and what is known of the parts of it that the short uses, as the editor has put it right."""

    source: Source
    analysis: Analysis


@dataclass(frozen=True, slots=True)
class RenderRequest:
    """Render a short to the file `out`, in a look given by value and in a form. It needs neither the project nor the analysis
    cache; `number` is that of the short in its project, so that the way back to it is known."""

    short: Short
    footage: tuple[RenderFootage, ...]
    look: Look
    out: str
    form: Form = field(default_factory=Form)
    number: int = 0
    kind: Literal["render"] = "render"


@dataclass(frozen=True, slots=True)
class ForetellRequest:
    """Find out how large the file of a render will be, and how long it will take."""

    render: RenderRequest
    kind: Literal["foretell"] = "foretell"


@dataclass(frozen=True, slots=True)
class FetchRequest:
    """Fetch the file at a link into a folder."""

    link: str
    folder: str
    kind: Literal["fetch"] = "fetch"


@dataclass(frozen=True, slots=True)
class PreviewCopyRequest:
    """Make a copy of a source to move about in quickly, where it is slow."""

    source: Source
    kind: Literal["preview copy"] = "preview copy"


@dataclass(frozen=True, slots=True)
class FollowBoxRequest:
    """Follow a thing that was drawn around through the part of a source from `start` to `end` (ticks)."""

    source: Source
    start: int
    end: int
    box: BoxAt
    kind: Literal["follow box"] = "follow box"


@dataclass(frozen=True, slots=True)
class MeasureShakeRequest:
    """Measure how the picture shakes in the part of a source from `start` to `end` (ticks)."""

    source: Source
    start: int
    end: int
    kind: Literal["measure shake"] = "measure shake"


@dataclass(frozen=True, slots=True)
class TryModelRequest:
    """Listen to a part of a source (ticks) with a recognition model: the one in a folder, or the one that ships for ""."""

    source: Source
    start: int
    end: int
    language: str
    folder: str
    kind: Literal["try model"] = "try model"


@dataclass(frozen=True, slots=True)
class FetchModelRequest:
    """Fetch a larger recognition model by its size."""

    size: str
    kind: Literal["fetch model"] = "fetch model"


@dataclass(frozen=True, slots=True)
class TraceClipsRequest:
    """Find where finished clips (their files) come from in sources."""

    sources: tuple[Source, ...]
    clips: tuple[str, ...]
    kind: Literal["trace clips"] = "trace clips"


@dataclass(frozen=True, slots=True)
class WatchMachinesRequest:
    """Tell of the machines of a scheduler (HOST:PORT, and the file of the key) every other second, until it is stopped."""

    scheduler: str
    key: str
    kind: Literal["watch machines"] = "watch machines"


@dataclass(frozen=True, slots=True)
class OutboxRequest:
    """Bring posts to their channels when they are due, until it is stopped."""

    kind: Literal["outbox"] = "outbox"


@dataclass(frozen=True, slots=True)
class ChannelsRequest:
    """Run the simulated channels, until they are stopped."""

    kind: Literal["channels"] = "channels"


@dataclass(frozen=True, slots=True)
class RoutineRequest:
    """Bring footage into the calendar by rule."""

    routine: Routine
    kind: Literal["routine"] = "routine"


Request = (
    AnalyseRequest | RenderRequest | ForetellRequest | FetchRequest | PreviewCopyRequest | FollowBoxRequest | MeasureShakeRequest
    | TryModelRequest | FetchModelRequest
    | TraceClipsRequest | WatchMachinesRequest | OutboxRequest | ChannelsRequest | RoutineRequest
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Asked:
    """A request as it is written down."""

    request: Request
