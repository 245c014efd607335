"""The pages of a simulated channel: what a viewer sees, and where faults are set."""

from __future__ import annotations

import html
import re
from collections.abc import Mapping, Sequence
from datetime import UTC, datetime
from typing import Any, Final

from standtall.model.channel import Channel
from standtall.posts.simulated.channel_memory import ACCOUNT, ENDLESS, FAULTS, PASSWORD

TINTS: Final = {"oddmarrow": ("#1d3b2f", "#e7f0dd"), "quillbarn": ("#4a2440", "#f6e8ef"), "thistlewray": ("#22345c", "#e6ecf7")}
_STYLE: Final = """
body{{margin:0;background:{pale};color:#1c1b19;font:15px/1.45 system-ui,sans-serif}}
header{{background:{deep};color:{pale};padding:14px 24px;display:flex;gap:24px;align-items:baseline}}
header h1{{font-size:22px;margin:0;letter-spacing:.02em}} header a, header small{{color:{pale}}}
main{{max-width:1080px;margin:0
auto;padding:24px;display:grid;gap:28px;grid-template-columns:repeat(auto-fill,minmax(230px,1fr))}}
article{{background:#fff;border-radius:14px;overflow:hidden;box-shadow:0 1px 4px #0002;display:flex;flex-direction:column}}
video{{width:100%;aspect-ratio:9/16;background:#111;object-fit:contain}} .text{{padding:12px 14px 16px;overflow-wrap:anywhere}}
h2{{font-size:16px;margin:0 0 6px}} p{{margin:0 0 8px;white-space:pre-line}} .tag{{color:{deep};font-weight:600}}
small{{color:#5a574f}} table{{border-collapse:collapse}} td,th{{padding:6px 12px 6px 0;text-align:left}}
.wide{{display:block;max-width:860px}} button{{padding:4px 12px}} code{{background:#fff;padding:1px 5px}}
"""


def _page(channel: Channel, title: str, body: str, wide: bool = False) -> str:
    deep, pale = TINTS.get(channel.name, ("#333", "#eee"))
    name = html.escape(channel.title)
    return (
        f'<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">'
        f"<title>{html.escape(title)} – {name}</title><style>{_STYLE.format(deep=deep, pale=pale)}</style>"
        f'<header><h1>{name}</h1><a href="/">Posts</a><a href="/trial">Trials</a><small>made up, on this machine</small></header>'
        f"<main{' class=wide' if wide else ''}>{body}</main></html>"
    )


def viewer_page(channel: Channel, posts: Sequence[Mapping[str, Any]], now: float) -> str:
    """Posts as a viewer sees them."""
    if not posts:
        return _page(
            channel, "Posts", "<p>Nothing has been posted here yet. Posts that go out in Stand Tall's calendar show up here.</p>"
        )
    return _page(channel, "Posts", "".join(_post(channel, p, now) for p in posts))


def _post(channel: Channel, post: Mapping[str, Any], now: float) -> str:
    title = html.escape(str(post.get("title") or ""))
    parts = re.split(r"(#\w+)", str(post.get("description") or ""))
    text = "".join(f'<span class="tag">{html.escape(p)}</span>' if p.startswith("#") else html.escape(p) for p in parts)
    apart = " ".join(f'<span class="tag">#{html.escape(str(t))}</span>' for t in post.get("hashtags") or ())
    tags = f"<p>{apart}</p>" if apart and channel.posts.text.hashtags == "apart" else ""
    link = str(post.get("link") or "")
    leads = (
        f'<p><a href="{html.escape(link)}">The full programme</a></p>'
        if re.match(r"https?://", link) and channel.posts.text.link == "apart"
        else ""
    )
    shelf = f" · {html.escape(str(post['shelf']))}" if post.get("shelf") else ""
    poster = f' poster="/cover/{int(post["id"])}"' if post.get("cover") else ""
    since = datetime.fromtimestamp(float(post["since"]), UTC).strftime("%Y-%m-%d %H:%M UTC")
    return (
        f'<article><video controls preload="metadata"{poster} src="/media/{int(post["id"])}#t=0.8"></video><div class="text">'
        f"{f'<h2>{title}</h2>' if title else ''}<p dir=auto>{text}</p>{tags}{leads}"
        f"<small>{html.escape(str(post['account']))}{shelf}<br>{int(post['views']):,} views · {since} "
        f"({_ago(now - float(post['since']))})</small>"
        "</div></article>"
    )


def trial_page(channel: Channel, faults: Mapping[str, tuple[int, int]], log: Sequence[tuple[float, str]]) -> str:
    """Where faults are set, who can sign in, and what was asked last."""
    rows = ""
    for kind, told in FAULTS.items():
        times, value = faults.get(kind, (0, 0))
        state = "every time" if times == ENDLESS else f"{times} more" if times else "no"
        rows += (
            f'<tr><td><b>{kind}</b></td><td>{told}</td><td>{state}</td><td><form method="post" action="/trial">'
            f'<input type="hidden" name="kind" value="{kind}">'
            f'<input name="times" size="3" value="{0 if times else 1}" aria-label="times"> times, '
            f'value <input name="value" size="6" value="{value}" aria-label="value"> '
            "<button>Set</button></form></td></tr>"
        )
    asked = "".join(
        f"<tr><td><small>{datetime.fromtimestamp(at, UTC):%H:%M:%S}</small></td><td><small>{html.escape(told)}</small></td></tr>"
        for at, told in log
    )
    return _page(
        channel, "Trials",
        f"<h2>Sign in</h2><p>Account <code>{ACCOUNT}</code>, password <code>{PASSWORD}</code>: made up, for trying.</p>"
        "<h2>Faults</h2><p>-1 times is every time until it is set to 0. "
        "The value counts seconds: of a slow answer, of a wait, or of a wrong clock.</p>"
        f"<table><tr><th>Fault<th>The channel<th>Now<th></tr>{rows}</table>"
        f"<h2>What was asked last</h2><table>{asked}</table>", True,
    )  # fmt: skip


def _ago(seconds: float) -> str:
    for size, name in ((86_400, "day"), (3600, "hour"), (60, "minute")):
        if seconds >= size:
            count = int(seconds // size)
            return f"{count} {name}{'s' * (count != 1)} ago"
    return "just now"
