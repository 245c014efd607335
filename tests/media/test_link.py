"""Links against the small host that ships: slow, broken, refusing and lying ones."""

from __future__ import annotations

import hashlib
import select
import socket
import subprocess
import sys
import threading
import time
from collections.abc import Iterator
from pathlib import Path
from types import SimpleNamespace
from typing import Any

import pytest

from standtall.base.errors import Cancelled, MediaError
from standtall.base.progress import Progress, Step
from standtall.demo.host import Host, serve
from standtall.media import link, sockets
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


@pytest.mark.parametrize(
    "url",
    ["file:///etc/passwd", "ftp://a/b.mp4", "data:video/mp4;base64,AA", "javascript:1", "http:///x", "a.mp4", "", "http://a b/c"],
)
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


# servers that keep people waiting, and links that are none


class Dripping:
    """A server that sends `script` (bytes and pauses in seconds) to whoever comes, and then says nothing."""

    def __init__(self, *script: bytes | float) -> None:
        self._script = script
        self._socket = socket.create_server(("127.0.0.1", 0))
        self._stop, self.asked = threading.Event(), threading.Event()
        self._threads = [threading.Thread(target=self._serve, daemon=True)]
        self._threads[0].start()
        self.link = f"http://127.0.0.1:{self._socket.getsockname()[1]}/film.mp4"

    def _serve(self) -> None:
        while not self._stop.is_set():
            try:
                one, _ = self._socket.accept()
            except OSError:
                return
            with one:
                try:
                    one.recv(4096)
                    self.asked.set()
                    for part in self._script:
                        if isinstance(part, bytes):
                            one.sendall(part)
                        elif self._stop.wait(part):
                            return
                    self._stop.wait(60)
                except OSError:
                    continue

    def close(self) -> None:
        self._stop.set()
        self._socket.close()


HEAD = b"HTTP/1.1 200 OK\r\nContent-Type: video/mp4\r\nContent-Length: 5000000\r\nAccept-Ranges: bytes\r\n\r\n"
DRIPS = [part for n in range(1200) for part in (f"X-{n}: y\r\n".encode(), 0.05)]


@pytest.mark.fault
@pytest.mark.parametrize(
    ("script", "says"),
    [(["silent"], "cannot be reached"), ([b"HTTP/1.1 200 OK\r\n", *DRIPS], "cannot be reached"), ([HEAD, b"x" * 9000], "fallen silent"),
     ([HEAD, *[p for _ in range(1200) for p in (b"x", 0.05)]], "fallen silent")],
)  # fmt: skip
def test_a_server_that_drips_or_falls_silent_is_left(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch, script: list[bytes | float | str], says: str
) -> None:
    monkeypatch.setattr(sockets, "HEADERS_S", 0.8)
    monkeypatch.setattr(sockets, "SILENCE_S", 0.8)
    server = Dripping(*(s for s in script if not isinstance(s, str)))
    began = time.monotonic()
    try:
        with pytest.raises(MediaError, match=says):
            fetch(server.link, tmp_path, Progress())
    finally:
        server.close()
    assert time.monotonic() - began < 40, "it says something for a minute"


SLOW: list[list[bytes | float]] = [[], [b"HTTP/1.1 200 OK\r\n", *DRIPS], [HEAD, b"x" * 9000]]


@pytest.mark.fault
@pytest.mark.parametrize("script", SLOW)
def test_a_waiting_fetch_that_is_stopped_waits_no_longer(tmp_path: Path, script: list[bytes | float]) -> None:
    """The command itself: it is asked to stop as a person does, by Ctrl+C or by the window."""
    server = Dripping(*script)
    code = [sys.executable, "-m", "standtall", "get", "--json", f"--out={tmp_path}", "--", server.link]
    child = subprocess.Popen(code, stdout=subprocess.PIPE, text=True)
    try:
        assert server.asked.wait(60), "it has begun, however busy the machine is"
        time.sleep(0.3)
        assert child.poll() is None
        child.terminate()
        assert child.wait(60) == Cancelled.exit_code, "not that of a server that was waited for until its time was over"
    finally:
        child.kill()
        child.communicate()
        server.close()


@pytest.mark.fault
@pytest.mark.parametrize("script", SLOW)
def test_after_a_cancel_no_wait_is_begun(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch, script: list[bytes | float]
) -> None:
    """How soon a fetch stops, without a clock: what it waits for at once is a fifth of a second, and it begins none after that."""
    server, progress = Dripping(*script), Progress()
    waits: list[tuple[float, bool]] = []

    def looked(*given: Any) -> Any:
        waits.append((given[3], progress.stopped))
        if len(waits) == 4:
            progress.cancel()
        return select.select(*given)

    monkeypatch.setattr(sockets, "select", SimpleNamespace(select=looked))
    try:
        with pytest.raises(Cancelled):
            fetch(server.link, tmp_path, progress)
    finally:
        server.close()
    assert len(waits) == 4, "none is begun after it"
    assert max(seconds for seconds, _stopped in waits) <= 0.2
    assert not any(stopped for _seconds, stopped in waits)


@pytest.mark.fault
@pytest.mark.parametrize(
    "text", ["http://[::1", "http://[", "http://host:99999999/a", "http://host:x/a", "http:///a", "javascript:alert(1)",
             "http://a\x00b/", "http://" + "a" * 5000, "http://\udcff/", "http://*.\u3002/"],
)  # fmt: skip
def test_no_link_is_a_sentence(text: str) -> None:
    with pytest.raises(MediaError) as told:
        look_up(check_link(text))
    assert told.value.hint


@pytest.mark.fault
def test_a_link_in_any_script_is_asked_for_as_the_standard_says() -> None:
    """RFC 3987, section 3.1: the host by IDNA, the rest in percent-encoded UTF-8."""
    assert check_link("http://bücher.example/grün/ä?q=ß") == "http://xn--bcher-kva.example/gr%C3%BCn/%C3%A4?q=%C3%9F"


@pytest.mark.fault
@pytest.mark.parametrize("text", [b"/files/film.mp4?turns=3&to=%0d%0aX-Bad:%201", b"/watch/film.mp4?x=%22%3E%3Cscript%3E"])
def test_the_small_host_says_back_nothing_that_was_slipped_in(host: Host, text: bytes) -> None:
    with socket.create_connection(("127.0.0.1", host.server_address[1])) as one:
        one.sendall(b"GET " + text.replace(b"%22%3E%3C", b'"><') + b" HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n")
        answer = b"".join(iter(lambda: one.recv(65536), b""))
    assert b"\nX-Bad" not in answer
    assert b"<script" not in answer


@pytest.mark.fault
@pytest.mark.parametrize("asked", ["?drop=-5", "?slow=-1", "?slow=nan", "?refuse=abc", "?refuse=99999", "?turns=-4", "?drop=1e9"])
def test_the_small_host_answers_nonsense(host: Host, asked: str) -> None:
    with socket.create_connection(("127.0.0.1", host.server_address[1])) as one:
        one.settimeout(10)
        one.sendall(f"GET /files/film.mp4{asked} HTTP/1.1\r\nRange: bytes=9-3\r\nConnection: close\r\n\r\n".encode())
        assert one.recv(12).startswith(b"HTTP/1.1 ")


@pytest.mark.fault
def test_the_small_host_keeps_few_threads_for_people_who_say_nothing(host: Host) -> None:
    before = threading.active_count()
    silent = [socket.create_connection(("127.0.0.1", host.server_address[1])) for _ in range(120)]
    try:
        time.sleep(0.5)
        assert threading.active_count() - before <= 40
    finally:
        for one in silent:
            one.close()
