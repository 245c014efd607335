"""A channel that is a folder of this machine: the video goes there whole, for an upload by hand, with a text file beside it
where that is wished. The mark of a post is part of its file's name, so that it is never there twice."""

from __future__ import annotations

import shutil
from pathlib import Path
from typing import Literal

from standtall.base.errors import OutputError
from standtall.base.files import short_name, written_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.model.channel import Channel
from standtall.model.post import Post, PostText
from standtall.posts.answers import Later, Placed

BLOCK = 1 << 20


class FolderClient:
    """Puts files into the folder of a channel; where it names none, into one of the program's own."""

    def __init__(self, channel: Channel) -> None:
        self._channel = channel
        folder = channel.posts.delivery.folder
        self.folder = Path(folder) if folder else data_folder() / "to-upload" / channel.name

    def find(self, post: Post) -> Placed | None:
        try:
            found = next(
                (p for p in self.folder.glob(f"*{post.mark[:10]}.*") if p.suffix != ".txt" and ".part" not in p.name), None
            )
        except OSError as error:
            raise Later(tr("The folder {folder} cannot be read ({error}).", folder=self.folder, error=error.strerror)) from error
        return None if found is None else Placed(found.name, "public", found.as_uri())

    def send(self, post: Post, publish: int | Literal["now", "draft"], progress: Progress) -> Placed:
        assert post.file is not None
        there = self.find(post)
        if there is not None:
            return there
        file = Path(post.file.path)
        plain = short_name(
            "".join(c if c.isalnum() or c in " -_" else "" for c in post.text.title or post.short.name).strip(), 80
        )
        target = self.folder / f"{plain or 'short'} {post.mark[:10]}{file.suffix}"
        try:
            if self._channel.posts.delivery.way == "folder with text":
                with written_whole(target.with_suffix(".txt")) as beside:
                    beside.write_text(as_text(post.text), "utf-8", "replace")
            with written_whole(target) as part, file.open("rb") as source, part.open("wb") as copy:
                while block := source.read(BLOCK):
                    progress.check()
                    copy.write(block)
            if post.file.cover:
                with written_whole(target.with_suffix(Path(post.file.cover).suffix)) as picture:
                    shutil.copyfile(post.file.cover, picture)
        except OutputError as error:
            raise Later(f"{error.message} {error.hint}".strip()) from error
        return Placed(target.name, "public", target.as_uri())

    def status(self, post: Post) -> Placed | None:
        return self.find(post) or Placed(post.there or "taken away", "public")  # who uploads by hand takes it away afterwards

    def move(self, post: Post) -> Placed:
        return self.find(post) or Placed(post.there, "public")

    def withdraw(self, post: Post) -> None:
        return


def as_text(text: PostText) -> str:
    """All that is written in a post, for people who copy it by hand."""
    parts = [("Title", text.title), ("", text.description), ("Hashtags", " ".join(f"#{t}" for t in text.hashtags)),
             ("Search words", ", ".join(text.search_words)), ("Shelf", text.shelf), ("Who may see it", text.audience),
             ("Link", text.link)]  # fmt: skip
    return "\n\n".join(f"{name}: {value}" if name else value for name, value in parts if value.strip()) + "\n"
