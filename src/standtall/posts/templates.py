"""The description of a post by a template with placeholders, and what a channel's limits say of a text."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.post import PostText
from standtall.model.post_rules import TextRules, counted

TEMPLATE: Final = "{text}\n\n{link}\n\n{hashtags}"
PLACEHOLDERS: Final = {
    "text": tr("the proposed text"), "title": tr("the title"), "hashtags": tr("the hashtags"), "show": tr("the name of the show"),
    "guest": tr("who is the guest"), "link": tr("the link to the full programme"),
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Facts:
    """What the person has said of the footage, for all of its posts."""

    show: str = ""
    guest: str = ""
    link: str = ""


def check_template(template: str) -> None:
    """Raise `NothingToDo` for a placeholder that there is not."""
    unknown = sorted(set(re.findall(r"{([^{}]*)}", template)) - PLACEHOLDERS.keys())
    if unknown:
        raise NothingToDo(
            tr("There is no {{{unknown}}} in posts.", unknown=unknown[0][:20]),
            tr("There are: {these}.", these=", ".join(PLACEHOLDERS)),
        )


def written_by(template: str, text: PostText, body: str, facts: Facts, rules: TextRules) -> str:
    """A description. What the channel has apart (link, hashtags) or not at all is left out of it; so is a line in which every
    placeholder is empty."""
    if not rules.description_most:
        return ""
    values = {
        "text": body, "title": text.title, "show": facts.show, "guest": facts.guest,
        "hashtags": " ".join(f"#{t}" for t in text.hashtags) if rules.hashtags == "in the text" else "",
        "link": facts.link if rules.link == "in the text" else "",
    }  # fmt: skip
    lines = []
    for line in template.split("\n"):
        used = re.findall(r"{([^{}]*)}", line)
        if not used or any(values.get(name, "") for name in used):
            lines.append(re.sub(r"{([^{}]*)}", lambda found: values.get(found[1], ""), line).rstrip())
    return re.sub(r"\n{3,}", "\n\n", "\n".join(lines)).strip()


def wrong_in(text: PostText, channel: Channel) -> Iterator[tuple[str, str]]:
    """What a channel would refuse in a text: (the field, a sentence) each."""
    rules = channel.posts.text
    for field, value, most in (
        ("title", text.title, rules.title_most),
        ("description", text.description, rules.description_most),
    ):
        count = counted(value, rules.counted_in)
        if not most and value:
            yield field, tr("{title} has no {field}.", title=channel.title, field=tr(field))
        elif count > most:
            yield (
                field,
                tr(
                    "The {field} has {count} {counted_in}; {title} takes {most}.",
                    field=tr(field),
                    count=count,
                    counted_in=tr(rules.counted_in),
                    title=channel.title,
                    most=most,
                ),
            )
    if rules.title_most and not text.title.strip():
        yield "title", tr("{title} wants a title.", title=channel.title)
    if rules.hashtags == "none" and text.hashtags:
        yield "hashtags", tr("{title} has no hashtags.", title=channel.title)
    elif len(text.hashtags) > rules.hashtags_most:
        yield (
            "hashtags",
            tr(
                "There are {hashtags} hashtags; {title} takes {most}.",
                hashtags=len(text.hashtags),
                title=channel.title,
                most=rules.hashtags_most,
            ),
        )
    for tag in text.hashtags:
        if len(tag) > rules.hashtag_longest:
            yield (
                "hashtags",
                tr(
                    "#{tag}… has {count} letters; {title} takes {hashtag_longest}.",
                    tag=tag[:20],
                    count=len(tag),
                    title=channel.title,
                    hashtag_longest=rules.hashtag_longest,
                ),
            )
        elif not re.fullmatch(r"[\w\u0300-\u036f\u0900-\u0dff\u0e00-\u0eff]+", tag):
            yield "hashtags", tr("“{tag}” cannot be a hashtag: it has letters, digits and nothing else.", tag=tag[:30])
    if len(text.search_words) > rules.search_words_most:
        told = tr("takes {most}", most=rules.search_words_most) if rules.search_words_most else tr("has none")
        yield (
            tr("search words"),
            tr(
                "There are {search_words} search words; {title} {told}.",
                search_words=len(text.search_words),
                title=channel.title,
                told=told,
            ),
        )
    elif len(", ".join(text.search_words)) > rules.search_words_longest:
        yield (
            tr("search words"),
            tr(
                "The search words are too long together; {title} takes {search_words_longest} letters.",
                title=channel.title,
                search_words_longest=rules.search_words_longest,
            ),
        )
    if rules.shelves and text.shelf not in rules.shelves:
        yield "shelf", tr("{title} wants a shelf: choose one.", title=channel.title)
    if rules.audiences and text.audience not in rules.audiences:
        yield (
            "audience",
            tr("{title} lets you choose who may see it: {these}.", title=channel.title, these=", ".join(rules.audiences)),
        )
    if text.link and not re.fullmatch(r"https?://[^\s]{1,2000}", text.link):
        yield "link", tr("A link begins with https:// and has no spaces.")
