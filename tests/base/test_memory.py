"""When Python looks for what nothing leads to any more."""

from __future__ import annotations

import gc
from collections.abc import Iterator

import pytest

from standtall.base import memory


@pytest.fixture
def collector() -> Iterator[None]:
    thresholds, on = gc.get_threshold(), gc.isenabled()
    yield
    gc.unfreeze()
    gc.set_threshold(*thresholds)
    (gc.enable if on else gc.disable)()


@pytest.mark.usefixtures("collector")
def test_what_is_there_stays_and_what_comes_after_is_looked_through() -> None:
    memory.begin_to_load()
    assert not gc.isenabled()
    there: list[object] = []
    memory.settle()
    assert gc.isenabled() and gc.get_freeze_count() > 1_000
    assert gc.get_threshold()[0] == memory.YOUNG

    def still_looked_through(thing: object) -> bool:
        return any(other is thing for other in gc.get_objects())

    after: list[object] = []
    assert not still_looked_through(there), "it stays"
    assert still_looked_through(after)


@pytest.mark.usefixtures("collector")
def test_what_was_thought_to_stay_is_given_back_when_it_is_looked_for() -> None:
    gone: list[object] = []

    class Thing:
        def __del__(self) -> None:
            gone.append(1)

    thing = Thing()
    thing.itself = thing  # type: ignore[attr-defined]
    memory.settle()
    del thing
    gc.collect()
    assert not gone
    memory.settle(thoroughly=True)
    assert gone
