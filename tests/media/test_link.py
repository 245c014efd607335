"""Links against the small host that ships: slow, broken, refusing and lying ones."""

from __future__ import annotations

import hashlib
import threading
from collections.abc import Iterator
from pathlib import Path

import pytest

from standtall.base.errors import Cancelled, MediaError
from standtall.base.progress import Progress, Step
from standtall.demo.host import Host, serve
from standtall.media import link
from standtall.media.link import check_link, fetch, look_up
from standtall.media.probe import probe
from tests.conftest import make_clip, tone


@pytest.fixture
def film(tmp_path: Path) -> Path:
    path = make_clip(tmp_path / "film.mp4", frames=90, sound=tone(3.0), size=(640, 360))
    path.write_bytes(path.read_bytes() + b"\0\0\x80\x08free" + b"\7" * 0x8_0000 + b"\0\0\0\x08free")  # a box that players skip
    return path


@pytest.fixture
def host(film: Path, monkeypatch: pytest.MonkeyPatch) -> Iterator[Host]:
    monkeypatch.setattr(link.time, "sleep", lambda _s: None)
    made = serve({"film.mp4": film}, port=0)
    thread = threading.Thread(target=made.serve_forever, args=(0.02,), daemon=True)
    thread.start()
    yield made
    made.shutdown()
    made.server_close()
    thread.join()


def digest(path: Path) -> str:
    return hashlib.sha256(path.read_bytes()).hexdigest()


@pytest.mark.parametrize("place", ["/files/film.mp4", "/watch/film.mp4", "/files/film.mp4?turns=4", "/files/film.mp4?noranges=1"])
def test_a_file_is_fetched_whole(host: Host, film: Path, tmp_path: Path, place: str) -> None:
    steps: list[Step] = []
    got = fetch(host.address + place, tmp_path / "in", Progress(steps.append))
    assert digest(got) == digest(film)
    assert steps[-1].share == 1.0
    assert probe(got).has_picture
    assert sorted(p.name for p in (tmp_path / "in").iterdir()) == ["film.mp4"]


def test_a_broken_connection_goes_on_where_it_ended(host: Host, film: Path, tmp_path: Path) -> None:
    size = film.stat().st_size
    got = fetch(f"{host.address}/files/film.mp4?drop={size // 3}", tmp_path / "in", Progress())
    assert digest(got) == digest(film)
    ranges = [r for _p, r in host.asked if r.startswith("bytes=") and r != "bytes=0-0"]
    assert len(ranges) >= 2, "what came was not fetched again"
    assert all(int(r[6:-1]) > 0 for r in ranges)


def test_a_stopped_fetch_is_resumed_later(host: Host, film: Path, tmp_path: Path) -> None:
    def stop(step: Step) -> None:
        if step.stage == "fetching":
            progress.cancel()

    progress = Progress(stop)
    with pytest.raises(Cancelled):
        fetch(f"{host.address}/files/film.mp4?slow=900", tmp_path / "in", progress)
    part = tmp_path / "in" / ".film.mp4.part"
    have = part.stat().st_size
    assert not (tmp_path / "in" / "film.mp4").exists()
    got = fetch(f"{host.address}/files/film.mp4?slow=900", tmp_path / "in", Progress())
    assert digest(got) == digest(film)
    assert ("/files/film.mp4", f"bytes={have}-") in host.asked


def test_a_file_that_changed_meanwhile_is_begun_anew(host: Host, film: Path, tmp_path: Path) -> None:
    progress = Progress(lambda _step: progress.cancel())
    with pytest.raises(Cancelled):
        fetch(f"{host.address}/files/film.mp4", tmp_path / "in", progress)
    assert (tmp_path / "in" / ".film.mp4.part").stat().st_size > 0
    film.write_bytes(film.read_bytes()[::-1])  # as long as before, with another mark
    assert digest(fetch(f"{host.address}/files/film.mp4", tmp_path / "in", Progress())) == digest(film)


@pytest.mark.parametrize(
    ("place", "says"),
    [
        ("/files/film.mp4?refuse=403", "refuses"), ("/files/film.mp4?refuse=404", "no such file"), ("/files/none.mp4", "no such file"),
        ("/files/film.mp4?refuse=429", "asks to wait"), ("/files/film.mp4?refuse=500", "error 500"),
        ("/files/film.mp4?lie=size", "again and again|other bytes"), ("/files/film.mp4?turns=9", "sends the link on"),
        ("/files/film.mp4?turns=1&to=file:///etc/passwd", "not on the web"), ("/files/film.mp4?turns=1&to=ftp://x/y", "not a link"),
    ],
)  # fmt: skip
def test_bad_hosts_are_told_and_leave_nothing(host: Host, tmp_path: Path, place: str, says: str) -> None:
    with pytest.raises(MediaError, match=says) as told:
        fetch(host.address + place, tmp_path / "in", Progress())
    assert told.value.hint
    assert not (tmp_path / "in" / "film.mp4").exists()


def test_more_than_promised_is_refused(host: Host, tmp_path: Path) -> None:
    with pytest.raises(MediaError, match="more than it said"):
        fetch(f"{host.address}/files/film.mp4?lie=more", tmp_path / "in", Progress())
    assert not list((tmp_path / "in").glob("film*"))


@pytest.mark.parametrize("url", ["file:///etc/passwd", "ftp://a/b.mp4", "data:video/mp4;base64,AA", "javascript:1", "http:///x", "a.mp4", "", "http://a b/c"])
def test_nothing_but_web_links_is_opened(url: str) -> None:
    with pytest.raises(MediaError, match="not a link"):
        check_link(url)


def test_nobody_there_is_told() -> None:
    with pytest.raises(MediaError, match="cannot be reached"):
        look_up("http://127.0.0.1:9/film.mp4")


def test_a_playlist_opens_no_address_of_its_own(host: Host, tmp_path: Path) -> None:
    """A file on disk that names a link must not make the program ask there."""
    trap = tmp_path / "trap.m3u8"
    trap.write_text(f"#EXTM3U\n#EXT-X-TARGETDURATION:5\n#EXTINF:5,\n{host.address}/files/film.mp4\n#EXT-X-ENDLIST\n")
    with pytest.raises(MediaError):
        probe(trap)
    assert host.asked == []
