"""What work tells of itself."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.model.framing import BoxAt
from standtall.model.proof import Finding
from standtall.model.routine import RuleStep
from standtall.model.traced import TracedClip

State = Literal["waiting", "running", "done", "failed", "stopped"]


@dataclass(frozen=True, slots=True)
class Started:
    """The work has begun."""

    kind: Literal["started"] = "started"


@dataclass(frozen=True, slots=True)
class Progressed:
    """A stage is so far done (0..1), with so many seconds left in it if that is known."""

    stage: str
    share: float
    left_s: float | None = None
    kind: Literal["progress"] = "progress"


@dataclass(frozen=True, slots=True)
class StageDone:
    """A stage is finished after so many seconds."""

    stage: str
    seconds: float
    kind: Literal["stage"] = "stage"


@dataclass(frozen=True, slots=True)
class Heard:
    """So many words were found in the source up to a time; they can be worked with already."""

    words: int
    until_s: float
    kind: Literal["heard"] = "heard"


@dataclass(frozen=True, slots=True)
class Received:
    """So many bytes came, of so many (0 where that is unknown), at so many a second."""

    have: int
    size: int
    speed: float
    kind: Literal["received"] = "received"


@dataclass(frozen=True, slots=True)
class Analysed:
    """What was found in a source, counted."""

    words: int
    shots: int
    people: int
    kind: Literal["analysed"] = "analysed"


@dataclass(frozen=True, slots=True)
class Rendered:
    """A finished file, measured."""

    file: str
    width: int
    height: int
    fps: float
    length_s: float
    size_bytes: int
    loudness_lufs: float | None
    true_peak_dbtp: float | None
    captions: int
    findings: tuple[Finding, ...] = ()
    kind: Literal["rendered"] = "rendered"


@dataclass(frozen=True, slots=True)
class Foretold:
    """How large a file will be, and how many seconds its render will take."""

    size_bytes: int
    seconds: float
    kind: Literal["foretold"] = "foretold"


@dataclass(frozen=True, slots=True)
class Fetched:
    """A file that came from a link."""

    file: str
    kind: Literal["fetched"] = "fetched"


@dataclass(frozen=True, slots=True)
class Copied:
    """The lines of a copy that was made, 0 where the original is quick enough."""

    lines: int
    kind: Literal["copied"] = "copied"


@dataclass(frozen=True, slots=True)
class BoxFollowed:
    """Where a thing that was drawn around is, at its places in the order of their time, and for what share of the time it was
    seen."""

    places: tuple[BoxAt, ...]
    seen: float
    kind: Literal["box followed"] = "box followed"


@dataclass(frozen=True, slots=True)
class ModelTried:
    """What a recognition model heard in `length_s` seconds of sound, the seconds that took, and the memory in MB."""

    text: str
    seconds: float
    length_s: float
    memory_mb: int
    kind: Literal["model tried"] = "model tried"


@dataclass(frozen=True, slots=True)
class Answered:
    """What came of a task, as JSON."""

    text: str
    kind: Literal["answered"] = "answered"


@dataclass(frozen=True, slots=True)
class ClipTraced:
    """Where a finished clip comes from."""

    clip: TracedClip
    kind: Literal["clip traced"] = "clip traced"


@dataclass(frozen=True, slots=True)
class MachineSeen:
    """A worker of another machine: its name and host, whether it is of this version, and the tasks it is at."""

    name: str
    host: str
    fits: bool
    doing: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class MachinesSeen:
    """All workers there are just now; where their scheduler does not answer, a sentence says so."""

    machines: tuple[MachineSeen, ...]
    said: str = ""
    kind: Literal["machines"] = "machines"


@dataclass(frozen=True, slots=True)
class RuleStepped:
    """A step of a routine, and how it went."""

    step: RuleStep
    kind: Literal["rule stepped"] = "rule stepped"


@dataclass(frozen=True, slots=True)
class Noted:
    """Something that the person should know of while the work goes on."""

    text: str
    kind: Literal["noted"] = "noted"


@dataclass(frozen=True, slots=True)
class Problem:
    """Why the work was not done, and what to do about it."""

    message: str
    hint: str = ""
    code: int = 1
    kind: Literal["problem"] = "problem"


@dataclass(frozen=True, slots=True)
class Ended:
    """The last event of all work."""

    state: State
    kind: Literal["ended"] = "ended"


Event = (
    Started | Progressed | StageDone | Heard | Received | Analysed | Rendered | Foretold | Fetched | Copied | BoxFollowed
    | ModelTried | Answered | ClipTraced | MachinesSeen | RuleStepped | Noted | Problem | Ended
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Told:
    """An event as it is written down."""

    event: Event
