"""What was measured in a finished file, in words, for the window and the command line."""

from __future__ import annotations

from typing import Final

from standtall.model.proof import Finding, Point

TITLES: Final[dict[Point, str]] = {
    "size": "Size", "length": "Length", "rate": "Frames a second", "index": "Index before data", "colour": "Colour tags",
    "decodes": "Every frame decodes", "sound": "Has sound", "loudness": "Loudness", "true peak": "True peak",
    "black": "Black stretches", "frozen": "Frozen stretches", "in step": "Sound and picture in step",
    "captions": "Captions in the pixels", "lit": "Word lit as it is said", "face": "Speaker's face in frame",
}  # fmt: skip


def title(finding: Finding) -> str:
    return TITLES[finding.point]


def told(finding: Finding) -> str:
    """The figures of a point in one line."""
    f = finding.facts
    match finding.point:
        case "size":
            return f"{f['width']:.0f} × {f['height']:.0f}, {f['bytes'] / 1e6:.1f} MB"
        case "length":
            return f"{f['seconds']:.2f} s" + ("" if finding.right else f" instead of {f['wanted']:.2f} s")
        case "rate":
            return f"{f['fps']:g} fps" + ("" if finding.right else f" instead of {f['wanted']:g}")
        case "index":
            return "plays while it loads" if finding.right else "it stands at the end"
        case "colour":
            numbers = ", ".join(f"{name} {value:.0f}" for name, value in f.items())
            return "BT.709, limited range" if finding.right else f"not BT.709 and limited: {numbers}"
        case "decodes":
            if not f:
                return "no: it breaks off"
            return f"{f['frames']:.0f} frames" + ("" if finding.right else f" instead of {f['wanted']:.0f}")
        case "sound":
            return "yes" if finding.right else "no"
        case "loudness":
            return f"{f['LUFS']:.1f} LUFS" + ("" if finding.right else f" instead of {f['wanted']:.0f}")
        case "true peak":
            return f"{f['dBTP']:.1f} dBTP" + ("" if finding.right else f", over {f['most']:.0f}")
        case "black" | "frozen":
            return "none" if finding.right else f"{f['seconds']:.1f} s"
        case "in step":
            apart = f["sound ms"] - f["picture ms"]
            return f"{abs(apart):.0f} ms apart, {abs(f['drift ms']):.0f} ms from start to end"
        case "captions" | "lit":
            return f"{f['there']:.0f} of {f['of']:.0f} words looked at"
        case "face":
            return f"found in {f['found']:.0f} of {f['of']:.0f} frames looked at"


def wrong(findings: tuple[Finding, ...]) -> str:
    """What is off, in one line; empty where nothing is."""
    return "; ".join(f"{title(f)}: {told(f)}" for f in findings if not f.right)
