from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import cv2
import numpy as np

from standtall.library.cache import AnalysisCache
from standtall.library.channels import channels
from standtall.library.project import Project
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.proof import Finding
from standtall.model.rhythm import PostSettings, ShowFacts, Template
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.analyse import Options
from standtall.session.covers import write_cover
from standtall.session.post_shorts import cover_of, file_for, first_text, fits, post_file, post_shorts, texts_for
from tests.conftest import make_clip, tone
from tests.posts.made_posts import made_post

S = 48_000
CHANNELS = {c.name: c for c in channels()}


def test_shorts_of_a_project_are_rated_and_know_their_words(
    open_demo_here: Path, demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    project = Project(tmp_path / "posts.standtall")
    project.add_source(demo_source)
    project.add_short(Short.of("Compost", [Segment(demo_source.key, 12 * S, 32 * S), Segment(demo_source.key, 40 * S, 44 * S)]))
    project.add_short(Short.of("Gone", [Segment("f" * 24, 0, 9 * S)]))
    found = {s.ref.name: s for s in post_shorts(project, project.sources(), lambda _s, b: Options.of(b, ()), AnalysisCache())}
    project.close()
    made = found["Compost"]
    assert made.ref.seconds == 24.0 and 0.2 < made.ref.rating < 1 and {p.name for p in made.ref.parts} >= {"opening", "ending"}
    assert made.ref.programme == demo_source.name and made.ref.topics
    assert made.said.words[0].start < 2 * S and made.said.words[-1].end <= 24 * S
    assert found["Gone"].said.words == () and found["Gone"].ref.rating == 0
    text = first_text(found["Gone"], CHANNELS["oddmarrow"], PostSettings())
    assert text.title == "Gone"
    settings = PostSettings(
        templates=(Template("thistlewray", "{show} with {guest}\n{text}\n{link}"),),
        shows=(ShowFacts(demo_source.key, "The Hour", "Tam", "https://x.org/1"),),
    )
    written = texts_for(made, CHANNELS["thistlewray"], settings)[0].text.description
    assert written.startswith("The Hour with Tam\n") and written.endswith("https://x.org/1")


def test_a_finished_file_is_taken_with_what_its_check_said_where_it_suits(tmp_path: Path) -> None:
    tall = make_clip(tmp_path / "tall.mp4", 20, sound=tone(1), size=(270, 480))
    wide = make_clip(tmp_path / "wide.mp4", 20, sound=tone(1))
    (tmp_path / "tall cover.jpg").write_bytes(b"cover")
    wrong = (Finding("loudness", False, {"LUFS": -30.0, "wanted": -14.0}), Finding("sound", True))
    file = post_file(tall, wrong, tmp_path / "tall cover.jpg")
    assert (file.width, file.height, file.wrong) == (270, 480, ("Loudness: -30.0 LUFS instead of -14",)) and file.cover
    assert fits(file, CHANNELS["quillbarn"]) and not fits(post_file(wide), CHANNELS["quillbarn"])
    assert fits(post_file(wide), CHANNELS["thistlewray"])
    post = made_post(1, "quillbarn", None)
    found = file_for(post, CHANNELS["quillbarn"], [(tmp_path / "gone.mp4", ()), (wide, ()), (tall, ())])
    assert found is not None and found.path == str(tall)
    assert file_for(post, CHANNELS["quillbarn"], [(wide, ())]) is None


def test_a_cover_is_made_in_the_size_of_the_channel(tmp_path: Path) -> None:
    tall, channel = tmp_path / "a.mp4", replace(CHANNELS["quillbarn"], cover_width=320, cover_height=180)
    assert cover_of(tall, channel) is None
    picture = np.full((480, 270, 3), 40, np.uint8)
    picture[200:280, 95:175] = (0, 0, 255)
    write_cover(picture, tmp_path / "a cover.jpg")
    made = cover_of(tall, channel)
    assert made == tmp_path / "a cover quillbarn.jpg"
    wide = cv2.imread(str(made))
    assert wide is not None and wide.shape == (180, 320, 3)
    assert wide[90, 160, 2] > 200 and wide[90, 100, 2] < 120, "the whole of it stands in the middle"
    written = made.stat().st_mtime_ns
    assert cover_of(tall, channel) == made and made.stat().st_mtime_ns == written
    near = replace(channel, name="near", cover_width=300, cover_height=480)
    cut = cv2.imread(str(cover_of(tall, near)))
    assert cut is not None and cut.shape == (480, 300, 3) and cut[5, 5].max() < 60
    assert cover_of(tall, replace(channel, cover_width=270, cover_height=480)) == tmp_path / "a cover.jpg"
    (tmp_path / "b cover.jpg").write_bytes(b"no picture")
    assert cover_of(tmp_path / "b.mp4", channel) is None
