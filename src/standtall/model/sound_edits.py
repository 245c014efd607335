"""Edits of the sound of a short."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.sound import Cleaning, Music, Recorder, SpeakerGain


def _with(short: Short, label: str, **fields: Any) -> Edit:
    new = replace(short.sound, **fields)
    if new == short.sound:
        raise NothingToDo(tr("Nothing changes."))
    return Edit(label, replace(short, sound=new))


def set_loudness(short: Short, lufs: float) -> Edit:
    return _with(short, tr("Loudness {lufs:g} LUFS", lufs=lufs), loudness=lufs)


def set_even(short: Short, even: bool) -> Edit:
    return _with(short, tr("Speakers as loud as each other") if even else tr("Speakers as they were recorded"), even=even)


def set_cleaning(short: Short, cleaning: Cleaning) -> Edit:
    return _with(short, tr("Clean the talk"), cleaning=cleaning)


def set_speaker_gain(short: Short, source: str, speaker: int, db: float) -> Edit:
    """How much louder one speaker is made; 0 takes it back."""
    others = tuple(g for g in short.sound.speaker_gains if (g.source, g.speaker) != (source, speaker))
    new = others if db == 0 else (*others, SpeakerGain(source, speaker, db))
    return _with(short, tr("Speaker {speaker} {db:+g} dB", speaker=speaker + 1, db=db), speaker_gains=new)


def set_music(short: Short, music: Music | None) -> Edit:
    """Another piece, or None for none; the controls of the piece before stay."""
    old = short.sound.music
    if music is not None and old is not None and music.path != old.path:
        music = replace(old, path=music.path, key=music.key, start=music.start)
    return _with(short, tr("No music") if music is None else tr("Music"), music=music)


def change_music(short: Short, **fields: Any) -> Edit:
    if short.sound.music is None:
        raise NothingToDo(tr("This short has no music."), tr("Choose a piece first."))
    return _with(short, tr("Change the music"), music=replace(short.sound.music, **fields))


def set_recorder(short: Short, recorder: Recorder) -> Edit:
    """Use the sound of another recorder, or change how it is used."""
    key = recorder.source, recorder.path
    known = any((r.source, r.path) == key for r in short.sound.recorders)
    changed = tuple(recorder if (r.source, r.path) == key else r for r in short.sound.recorders)
    return _with(short, tr("Sound of another recorder"), recorders=changed if known else (*changed, recorder))


def remove_recorder(short: Short, source: str, path: str) -> Edit:
    left = tuple(r for r in short.sound.recorders if (r.source, r.path) != (source, path))
    return _with(short, tr("Without the other recorder"), recorders=left)
