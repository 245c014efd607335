"""People told from what is behind them, against drawings whose people can be left out: for what is shown behind people."""

from __future__ import annotations

import time
from collections.abc import Iterator

import cv2
import numpy as np

from bench.row import Row
from bench.scenes import film as films
from bench.scenes.film import Film
from bench.scenes.heads import Placed, draw
from bench.scenes.script import SCENES
from standtall.media.planes import Planes, from_rgb
from standtall.people.silhouettes import Silhouettes

MOMENTS = (0.13, 0.41, 0.63, 0.88)
SIZE = (540, 960)
SEEN = 12
"""Difference of a value from that of the picture without people, from which on a pixel is people."""


def _without_people(film: Film, n: int) -> np.ndarray:  # type: ignore[type-arg]
    def left_out(picture: np.ndarray, name: str, x: float, y: float, height: int, pose: object) -> Placed:  # type: ignore[type-arg]
        return draw(np.zeros_like(picture), name, x, y, height, pose)  # type: ignore[arg-type]

    films.draw = left_out  # type: ignore[attr-defined]
    try:
        return film.frame(n)[0]
    finally:
        films.draw = draw  # type: ignore[attr-defined]


def pictures(tune: bool) -> Iterator[tuple[str, Planes, np.ndarray]]:  # type: ignore[type-arg]
    """Name, tall picture around somebody, and which of its pixels are people: bool (height, width)."""
    for scene in SCENES:
        if scene.tune != tune:
            continue
        film = Film(scene)
        for share in MOMENTS:
            n = int(share * film.frames)
            picture, placed = film.frame(n)
            if not placed:
                continue
            empty = _without_people(film, n)
            high, wide = picture.shape[:2]
            w = high * 9 // 16
            x = min(max(0, int(placed[0][1].face[0] + placed[0][1].face[2] / 2 - w / 2)), wide - w)
            seen = np.abs(picture[:, x : x + w].astype(int) - empty[:, x : x + w]).max(axis=2) > SEEN
            people = cv2.morphologyEx(seen.astype(np.uint8), cv2.MORPH_CLOSE, np.ones((7, 7), np.uint8))
            tall = cv2.resize(np.ascontiguousarray(picture[:, x : x + w]), SIZE, interpolation=cv2.INTER_CUBIC)
            truth = cv2.resize(people, SIZE, interpolation=cv2.INTER_NEAREST) > 0
            if truth.mean() > 0.02:
                yield scene.name, from_rgb(cv2.cvtColor(tall, cv2.COLOR_BGR2RGB)), truth


def run() -> Iterator[Row]:
    people = Silhouettes()
    for name, tune in (("tune", True), ("held", False)):
        both = either = holes = wall = people_in_all = walls_in_all = 0.0
        worst = (1.0, "")
        took = []
        for scene, picture, truth in pictures(tune):
            began = time.perf_counter()
            cover = people.cover(picture)
            took.append(time.perf_counter() - began)
            found = cover > 0.5
            here = float((found & truth).sum()) / float((found | truth).sum())
            worst = min(worst, (here, scene))
            both, either = both + float((found & truth).sum()), either + float((found | truth).sum())
            holes, people_in_all = holes + float((1 - cover)[truth].sum()), people_in_all + float(truth.sum())
            wall, walls_in_all = wall + float(cover[~truth].sum()), walls_in_all + float((~truth).sum())
        yield Row(f"people and mask in common, of both, {name}", both / either, "share", ">= 0.9")
        yield Row(f"  the worst picture, {name} ({worst[1]})", worst[0], "share")
        yield Row(f"  of people, seen through, {name}", holes / people_in_all, "share", "<= 0.05")
        yield Row(f"  of what is behind, left to be seen, {name}", wall / walls_in_all, "share", "<= 0.05")
        yield Row(f"  a picture of {SIZE[0]} x {SIZE[1]}, {name}", 1_000 * float(np.median(took)), "ms")
