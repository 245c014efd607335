"""The pitch of what a short is made of, out of a real file."""

from __future__ import annotations

from pathlib import Path

import numpy as np

from standtall.media.probe import probe
from standtall.model.cut import Segment
from standtall.session.melody import melody_of
from tests.conftest import make_clip

S = 48_000


def test_the_pitch_of_the_parts_of_a_short_stands_at_their_time(tmp_path: Path) -> None:
    t = np.arange(6 * S) / S
    hz = np.where(t < 3, 150.0, 225.0)
    sound = 0.2 * np.sin(2 * np.pi * np.cumsum(hz) / S) + 0.1 * np.sin(4 * np.pi * np.cumsum(hz) / S)
    source = probe(make_clip(tmp_path / "a.mp4", frames=180, sound=np.tile(sound.astype(np.float32), (2, 1))))
    melody = melody_of(source, [Segment(source.key, S, 2 * S), Segment(source.key, 4 * S, 5 * S), Segment("other", 0, S)])
    assert melody is not None
    assert melody.start == S
    assert abs(np.nanmedian(melody.hz[5:95]) - 150) < 1
    assert np.isnan(melody.hz[105:295]).all(), "what the short leaves out is not listened to"
    assert abs(np.nanmedian(melody.hz[305:395]) - 225) < 1
    assert melody_of(source, [Segment("other", 0, S)]) is None
    silent = probe(make_clip(tmp_path / "b.mp4", frames=30))
    assert melody_of(silent, [Segment(silent.key, 0, S // 2)]) is None
