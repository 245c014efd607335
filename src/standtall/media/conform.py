"""Brings pictures of any kind into the one form that everything works with: 8-bit 4:2:0, BT.709, limited range, square pixels.

Bit depth, chroma sampling, matrix, range, primaries and high dynamic range (PQ and HLG, ITU-R BT.2100, brought down to BT.709
by the tone mapping of libswscale) are converted by the codec library's scale filter; interlaced pictures are made whole by its
`bwdif` filter.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import Any, Final

import av.error
import av.filter
from av.video.frame import VideoFrame
from av.video.reformatter import ColorRange, Colorspace

from standtall.media.planes import ONE_THREAD, Planes, plane_of, scaled, turned

PQ, HLG = 16, 18
BT2020_PRIMARIES: Final = 9
UNKNOWN: Final = 2
MATRICES: Final = {1: "bt709", 4: "fcc", 5: "bt470bg", 6: "smpte170m", 7: "smpte240m", 9: "bt2020nc", 10: "bt2020c"}
"""ITU-T H.273, table 4: matrix coefficients by number."""
PRIMARIES: Final = {1: "bt709", 5: "bt470bg", 6: "smpte170m", 9: "bt2020"}
TRANSFERS: Final = {1: "bt709", 6: "smpte170m", 14: "bt2020-10", 15: "bt2020-12", PQ: "smpte2084", HLG: "arib-std-b67"}


def square_size(width: int, height: int, pixel: Fraction | None) -> tuple[int, int]:
    """Width and height in square pixels of a picture whose pixels are `pixel` times as wide as high."""
    shape = pixel if pixel and Fraction(1, 8) <= pixel <= 8 else Fraction(1)
    if shape >= 1:
        return max(2, round(width * shape)), height
    return width, max(2, round(height / shape))


MOST_GRAPHS: Final = 6


class Conform:
    """Converts the pictures of one stream. Not thread safe; filters are made once for each kind of picture met."""

    def __init__(self, pixel: Fraction | None = None) -> None:
        self._pixel = pixel
        self._graphs: dict[tuple[Any, ...], av.filter.Graph] = {}

    def planes(self, frame: VideoFrame, rotation: int = 0, height: int | None = None) -> Planes:
        """A decoded picture as planes: converted where it is in another form, scaled to `height` lines if it is higher,
        turned upright.

        Pictures that do not name their matrix count as BT.709 from 720 lines up and BT.601 below, as decoders commonly
        assume (common practice, no source).
        """
        w, h = square_size(frame.width, frame.height, self._pixel)
        if height is not None and height < h:
            w, h = round(w * height / h / 2) * 2, height
        w, h = max(2, w // 2 * 2), max(2, h // 2 * 2)
        if is_common(frame):
            whole = [plane_of(frame, i, frame.width >> min(i, 1), frame.height >> min(i, 1)) for i in range(3)]
            if (w, h) != (frame.width, frame.height):  # many times quicker than the scaler of the codec library
                sizes = ((w, h), (w // 2, h // 2), (w // 2, h // 2))
                whole = [scaled(p, size) for p, size in zip(whole, sizes, strict=True)]
            return Planes(*(turned(p, rotation) for p in whole))
        made = self._converted(frame, w, h)
        sizes = ((w, h), (w // 2, h // 2), (w // 2, h // 2))
        return Planes(*(turned(plane_of(made, i, *size), rotation) for i, size in enumerate(sizes)))

    def _converted(self, frame: VideoFrame, width: int, height: int) -> VideoFrame:
        key = (frame.format.name, frame.width, frame.height, width, height, int(frame.colorspace), int(frame.color_range),
               int(frame.color_primaries), int(frame.color_trc))  # fmt: skip
        graph = self._graphs.get(key)
        if graph is None:
            if len(self._graphs) >= MOST_GRAPHS:  # footage changes its form now and then; only a damaged file does so for ever
                self._graphs.clear()
            graph = self._graphs[key] = _graph(frame, width, height)
        graph.push(frame)
        made = graph.pull()
        assert isinstance(made, VideoFrame)
        return made


def is_common(frame: VideoFrame) -> bool:
    """True when the planes of a picture can be taken as they are."""
    if frame.format.name != "yuv420p" or frame.color_range == ColorRange.JPEG or frame.width % 2 or frame.height % 2:
        return False
    if frame.color_trc in (PQ, HLG) or frame.color_primaries == BT2020_PRIMARIES:
        return False
    return frame.colorspace == Colorspace.ITU709 or (frame.colorspace == UNKNOWN and frame.height >= 720)


def _graph(frame: VideoFrame, width: int, height: int) -> av.filter.Graph:
    graph = av.filter.Graph()
    graph.threads = ONE_THREAD
    base = frame.time_base or Fraction(1, 90_000)
    source = graph.add_buffer(width=frame.width, height=frame.height, format=frame.format, time_base=base)
    options = [f"{width}:{height}", "flags=bicubic+accurate_rnd", "out_color_matrix=bt709", "out_range=tv"]
    rgb = frame.format.is_rgb
    matrix, primaries, transfer = int(frame.colorspace), int(frame.color_primaries), int(frame.color_trc)
    if not rgb and matrix not in MATRICES:
        matrix = 1 if frame.height >= 720 else 6
    if not rgb:
        options.append(f"in_color_matrix={MATRICES[matrix]}")
    if transfer in (PQ, HLG) or primaries == BT2020_PRIMARIES:
        options.append(f"in_primaries={PRIMARIES.get(primaries, 'bt2020')}")
        options.append(f"in_transfer={TRANSFERS.get(transfer, 'bt709')}")
        options += ["out_primaries=bt709", "out_transfer=bt709"]
        if transfer not in (PQ, HLG):  # nothing to bring down, so colours inside BT.709 stay exactly what they are
            options.append("intent=relative_colorimetric")
    scale, form, sink = graph.add("scale", ":".join(options)), graph.add("format", "pix_fmts=yuv420p"), graph.add("buffersink")
    source.link_to(scale)
    scale.link_to(form)
    form.link_to(sink)
    graph.configure()
    return graph


def whole_pictures(frames: Iterator[VideoFrame]) -> Iterator[VideoFrame]:
    """Interlaced pictures made whole, one for one, in order; all others pass as they are."""
    graph: av.filter.Graph | None = None
    for frame in frames:
        if graph is None and not frame.interlaced_frame:
            yield frame
            continue
        if graph is None:
            graph = av.filter.Graph()
            base = frame.time_base or Fraction(1, 90_000)
            source = graph.add_buffer(width=frame.width, height=frame.height, format=frame.format, time_base=base)
            weave, sink = graph.add("bwdif", "mode=send_frame:deint=interlaced"), graph.add("buffersink")
            source.link_to(weave)
            weave.link_to(sink)
            graph.configure()
        graph.push(frame)
        yield from _waiting(graph)
    if graph is not None:
        graph.push(None)
        yield from _waiting(graph)


def _waiting(graph: av.filter.Graph) -> Iterator[VideoFrame]:
    while True:
        try:
            made = graph.pull()
        except (av.error.BlockingIOError, av.error.EOFError):
            return
        assert isinstance(made, VideoFrame)
        yield made
