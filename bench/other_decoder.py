"""Rendered H.264 files decoded by two decoders of different origin: libavcodec, and OpenH264 as Debian packages it (libopenh264-7)."""

from __future__ import annotations

import ctypes
import ctypes.util
import hashlib
import tempfile
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import av
import numpy as np
from av.bitstream import BitStreamFilterContext

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.media.planes import plane_of
from standtall.model.cut import Segment
from standtall.model.form import Form
from standtall.model.short import Short
from standtall.render.render import render
from standtall.session.composing import footage_for, worked_out

S = 48_000
CASES = ((5, 1080, 1920, Form()), (40, 720, 1280, Form(quality="small")), (90, 1080, 1080, Form(quality="best")),
         (120, 1080, 1350, Form(bit_rate=3000)))  # fmt: skip
"""Second of the demo, size, form; each of six seconds."""


class _Param(ctypes.Structure):
    _fields_ = [("restructed", ctypes.c_char_p), ("cpu_load", ctypes.c_uint), ("layer", ctypes.c_ubyte), ("conceal", ctypes.c_int),
                ("parse_only", ctypes.c_bool), ("size", ctypes.c_uint), ("stream", ctypes.c_int)]  # fmt: skip


class _Info(ctypes.Structure):
    _fields_ = [("ready", ctypes.c_int), ("in_time", ctypes.c_ulonglong), ("out_time", ctypes.c_ulonglong), ("width", ctypes.c_int),
                ("height", ctypes.c_int), ("form", ctypes.c_int), ("stride", ctypes.c_int * 2),
                ("planes", ctypes.POINTER(ctypes.c_ubyte) * 3)]  # fmt: skip


_PLANES = ctypes.POINTER(ctypes.c_ubyte) * 3
_INIT = ctypes.CFUNCTYPE(ctypes.c_long, ctypes.c_void_p, ctypes.POINTER(_Param))
_DECODE = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.c_void_p, ctypes.c_char_p, ctypes.c_int, ctypes.POINTER(_PLANES), ctypes.POINTER(_Info))
_FLUSH = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.c_void_p, ctypes.POINTER(_PLANES), ctypes.POINTER(_Info))
_SET = ctypes.CFUNCTYPE(ctypes.c_long, ctypes.c_void_p, ctypes.c_int, ctypes.POINTER(ctypes.c_int))
INITIALIZE, DECODE, FLUSH, SET_OPTION, END_OF_STREAM = 0, 4, 5, 8, 1
"""Places in the decoder's table of functions (codec_api.h of OpenH264 2.3)."""


def by_openh264(path: Path) -> list[str]:
    """A digest of each picture, in the order of showing."""
    name = ctypes.util.find_library("openh264")
    if name is None:
        raise SystemExit("This bench needs Debian's libopenh264-7: apt-get install libopenh264-7")
    library = ctypes.CDLL(name)
    decoder = ctypes.c_void_p()
    if library.WelsCreateDecoder(ctypes.byref(decoder)) != 0:
        raise SystemExit("OpenH264 gave no decoder.")
    table = ctypes.cast(ctypes.cast(decoder, ctypes.POINTER(ctypes.c_void_p))[0], ctypes.POINTER(ctypes.c_void_p))
    param = _Param(size=8, stream=0)
    if _INIT(table[INITIALIZE])(decoder, ctypes.byref(param)) != 0:
        raise SystemExit("OpenH264 did not begin.")
    decode, flush = _DECODE(table[DECODE]), _FLUSH(table[FLUSH])
    planes, info, out = _PLANES(), _Info(), []

    def take() -> None:
        if info.ready == 1:
            out.append(_digest(info))

    with av.open(str(path)) as container:
        stream = container.streams.video[0]
        unpacked = BitStreamFilterContext("h264_mp4toannexb", stream)
        for packet in container.demux(stream):
            for part in unpacked.filter(packet):
                data = bytes(part)
                if data:
                    state = decode(decoder, data, len(data), ctypes.byref(planes), ctypes.byref(info))
                    if state != 0:
                        raise SystemExit(f"OpenH264 does not decode {path.name}: state {state}")
                    take()
    ended = ctypes.c_int(1)
    _SET(table[SET_OPTION])(decoder, END_OF_STREAM, ctypes.byref(ended))
    info.ready = 0
    decode(decoder, None, 0, ctypes.byref(planes), ctypes.byref(info))
    take()
    for _ in range(32):
        info.ready = 0
        flush(decoder, ctypes.byref(planes), ctypes.byref(info))
        take()
    library.WelsDestroyDecoder(decoder)
    return out


def _digest(info: _Info) -> str:
    made = hashlib.sha256()
    for n in range(3):
        wide, high, stride = info.width >> min(n, 1), info.height >> min(n, 1), info.stride[min(n, 1)]
        plane = np.ctypeslib.as_array(info.planes[n], shape=(high * stride,)).reshape(high, stride)[:, :wide]
        made.update(np.ascontiguousarray(plane).tobytes())
    return made.hexdigest()


def by_libavcodec(path: Path) -> list[str]:
    out = []
    with av.open(str(path)) as container:
        for frame in container.decode(video=0):
            made = hashlib.sha256()
            for n in range(3):
                made.update(np.ascontiguousarray(plane_of(frame, n, frame.width >> min(n, 1), frame.height >> min(n, 1))).tobytes())
            out.append(made.hexdigest())
    return out


def run() -> Iterator[Row]:
    source, analysis = demo()
    same = pictures = 0
    with tempfile.TemporaryDirectory() as folder:
        for number, (start, width, height, form) in enumerate(CASES):
            short = Short.of("a", (Segment(source.key, start * S, (start + 6) * S),))
            short = replace(short, output=replace(short.output, width=width, height=height))
            out = Path(folder) / f"{number}.mp4"
            render(worked_out(short, footage_for(short, source, analysis)), out, Progress(), form)
            ours, theirs = by_libavcodec(out), by_openh264(out)
            pictures += max(len(ours), len(theirs))
            same += sum(a == b for a, b in zip(ours, theirs, strict=False))
    yield Row(f"pictures of {len(CASES)} files that are the same bytes in both decoders", same / pictures, "share", ">= 1")
    yield Row("pictures", pictures, "count")
