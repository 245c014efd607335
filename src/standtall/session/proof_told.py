"""What was measured in a finished file, in words, for the window and the command line."""

from __future__ import annotations

from typing import Final

from standtall.base.interface_language import tr
from standtall.model.proof import Finding, Point

TITLES: Final[dict[Point, str]] = {
    "size": tr("Size"), "length": tr("Length"), "rate": tr("Frames a second"), "index": tr("Index before data"),
    "colour": tr("Colour tags"),
    "decodes": tr("Every frame decodes"), "sound": tr("Has sound"), "loudness": tr("Loudness"), "true peak": tr("True peak"),
    "black": tr("Black stretches"), "frozen": tr("Frozen stretches"), "in step": tr("Sound and picture in step"),
    "captions": tr("Captions in the pixels"), "lit": tr("Word lit as it is said"), "face": tr("Speaker's face in frame"),
}  # fmt: skip


def title(finding: Finding) -> str:
    return TITLES[finding.point]


def told(finding: Finding) -> str:
    """The figures of a point in one line."""
    f = finding.facts
    match finding.point:
        case "size":
            return tr(
                "{width:.0f} × {height:.0f}, {bytes:.1f} MB", width=f["width"], height=f["height"], bytes=f["bytes"] / 1000000.0
            )
        case "length":
            return tr("{seconds:.2f} s", seconds=f["seconds"]) + (
                "" if finding.right else tr(" instead of {wanted:.2f} s", wanted=f["wanted"])
            )
        case "rate":
            return tr("{fps:g} fps", fps=f["fps"]) + ("" if finding.right else tr(" instead of {wanted:g}", wanted=f["wanted"]))
        case "index":
            return tr("plays while it loads") if finding.right else tr("it stands at the end")
        case "colour":
            numbers = ", ".join(f"{name} {value:.0f}" for name, value in f.items())
            return tr("BT.709, limited range") if finding.right else tr("not BT.709 and limited: {numbers}", numbers=numbers)
        case "decodes":
            if not f:
                return tr("no: it breaks off")
            return tr("{frames:.0f} frames", frames=f["frames"]) + (
                "" if finding.right else tr(" instead of {wanted:.0f}", wanted=f["wanted"])
            )
        case "sound":
            return "yes" if finding.right else "no"
        case "loudness":
            return tr("{lufs:.1f} LUFS", lufs=f["LUFS"]) + (
                "" if finding.right else tr(" instead of {wanted:.0f}", wanted=f["wanted"])
            )
        case "true peak":
            return tr("{dbtp:.1f} dBTP", dbtp=f["dBTP"]) + ("" if finding.right else tr(", over {most:.0f}", most=f["most"]))
        case "black" | "frozen":
            return "none" if finding.right else tr("{seconds:.1f} s", seconds=f["seconds"])
        case "in step":
            apart = f["sound ms"] - f["picture ms"]
            return tr("{apart:.0f} ms apart, {drift_ms:.0f} ms from start to end", apart=abs(apart), drift_ms=abs(f["drift ms"]))
        case "captions" | "lit":
            return tr("{there:.0f} of {of:.0f} words looked at", there=f["there"], of=f["of"])
        case "face":
            return tr("found in {found:.0f} of {of:.0f} frames looked at", found=f["found"], of=f["of"])


def wrong(findings: tuple[Finding, ...]) -> str:
    """What is off, in one line; empty where nothing is."""
    return "; ".join(f"{title(f)}: {told(f)}" for f in findings if not f.right)
