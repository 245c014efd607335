"""The simulated channels over the network of this machine, with every fault, and the client that talks to them."""

from __future__ import annotations

import json
import threading
import urllib.request
from collections.abc import Iterator
from dataclasses import dataclass, replace
from pathlib import Path

import pytest

import standtall.demo
from standtall.base.progress import Progress
from standtall.library.channels import channels
from standtall.model.channel import Channel
from standtall.model.post import Post, PostText
from standtall.posts import post_edits
from standtall.posts.answers import Later, Refused, SignInNeeded
from standtall.posts.server_client import ServerClient
from standtall.posts.simulated.channel_memory import ACCOUNT, FAULTS, PASSWORD, Manners, views
from standtall.posts.simulated.server import SimulatedChannel
from standtall.session.post_shorts import post_file
from tests.posts.made_posts import at_address, made_ref
from tests.posts.made_up_client import SetClock

VIDEO = Path(standtall.demo.__file__).parent / "data" / "walk.mp4"
NAMES = ("oddmarrow", "quillbarn", "thistlewray")
QUICK = Manners(processing_s=0.0, posts_a_minute=4)


@dataclass
class There:
    """A channel that runs, somebody who is signed in there, and a clock for the channel."""

    channel: Channel
    server: SimulatedChannel
    client: ServerClient
    clock: SetClock

    def fault(self, kind: str, times: int = 1, value: int = 0) -> None:
        self.server.memory.set_fault(kind, times, value)

    def post(self, number: int = 1, **text: object) -> Post:
        made = PostText(**({"title": "Tide", "description": "About tides", "shelf": "water"} | text))  # type: ignore[arg-type]
        return post_edits.new_post(made_ref(number), self.channel.name, made, post_file(VIDEO))


def running(folder: Path, name: str, manners: Manners = QUICK) -> Iterator[There]:
    channel = next(c for c in channels() if c.name == name)
    rules = replace(channel.posts.file, shapes=("9:16", "4:5", "1:1", "16:9"))
    channel = replace(channel, longest_s=600, posts=replace(channel.posts, file=rules))
    clock = SetClock()
    server = SimulatedChannel(channel, folder / name, manners, port=0)
    server.memory._clock = lambda: float(clock.wall)
    thread = threading.Thread(target=server.serve_forever, args=(0.02,), daemon=True)
    thread.start()
    channel = at_address(channel, server.address)
    client = ServerClient(channel, None)
    client.sign_in(ACCOUNT, PASSWORD)
    yield There(channel, server, client, clock)
    server.end()
    thread.join(5)


@pytest.fixture
def there(tmp_path: Path) -> Iterator[There]:
    yield from running(tmp_path, "oddmarrow")


def test_a_post_is_public_is_seen_and_is_there_once(there: There) -> None:
    post = there.post()
    placed = there.client.send(post, "now", Progress())
    assert placed.state in ("processing", "public")
    found = there.client.find(post)
    assert found is not None and found.state == "public" and found.link == f"{there.server.address}/post/1"
    assert there.client.send(post, "now", Progress()).there == found.there
    there.clock.wall += 86_400
    seen = there.client.status(replace(post, there=found.there))
    assert seen is not None and seen.views > 10
    assert views(1, 1e6) > views(1, 1e5) > views(1, 1e3) >= 0


def test_a_draft_and_a_time_are_kept_moved_and_taken_back(there: There) -> None:
    draft = there.post(1)
    assert there.client.send(draft, "draft", Progress()).state in ("processing", "draft")
    found = there.client.find(draft)
    assert found is not None and found.state == "draft"
    there.client.withdraw(replace(draft, there=found.there))
    assert there.client.find(draft) is None
    later = replace(there.post(2), when=there.clock.wall + 7200)
    placed = there.client.send(later, there.clock.wall + 3600, Progress())
    moved = there.client.move(replace(later, there=placed.there))
    assert (moved.state, moved.when) == ("scheduled", later.when)
    there.clock.wall += 7300
    found = there.client.status(replace(later, there=placed.there))
    assert found is not None and found.state == "public"


@pytest.mark.parametrize("kind", ["offline", "dropped", "lost", "busy"])
def test_after_a_fault_the_same_post_goes_on_and_is_there_once(there: There, kind: str) -> None:
    post = there.post()
    there.fault(kind, 1, 7)
    with pytest.raises(Later) as told:
        there.client.send(post, "now", Progress())
    assert kind != "busy" or told.value.wait_s == 7
    assert there.client.send(post, "now", Progress()).there == "1"
    assert len(there.server.memory.shown()) == 1


def test_an_upload_goes_on_where_it_was_broken_off(there: There) -> None:
    post = there.post()
    there.fault("dropped")
    with pytest.raises(Later):
        there.client.send(post, "now", Progress())
    assert post.file is not None
    begun = there.client._ask("POST", "/v1/uploads", {"mark": post.mark, "size": post.file.size, "sha256": post.file.sha256, "name": "x"})
    assert 0 < begun["offset"] < post.file.size


def test_a_channel_that_does_everything_twice_has_it_once(there: There) -> None:
    there.fault("twice", 20)
    assert there.client.send(there.post(), "now", Progress()).there == "1"
    there.fault("twice", 0)
    assert len(there.server.memory.shown()) == 1


def test_the_same_video_under_another_mark_is_noticed(there: There) -> None:
    there.client.send(there.post(1), "now", Progress())
    with pytest.raises(Refused, match="is here already, as post 1"):
        there.client.send(there.post(2), "now", Progress())


def test_rules_are_the_channels_own(there: There) -> None:
    with pytest.raises(Refused, match="The title has 80 characters; Oddmarrow takes 64"):
        there.client.send(there.post(1, title="t" * 80), "now", Progress())
    there.fault("refuse")
    with pytest.raises(Refused, match="house rules"):
        there.client.send(there.post(2), "now", Progress())
    with pytest.raises(Refused, match="lies in the past"):
        there.client.send(there.post(3), there.clock.wall - 999, Progress())


def test_a_token_that_ends_is_renewed_and_one_that_is_gone_asks_for_the_person(there: There) -> None:
    there.fault("expired")
    there.clock.wall += 10
    assert there.client.find(there.post()) is None
    there.fault("forgotten")
    with pytest.raises(SignInNeeded, match="Sign in again"):
        there.client.find(there.post())
    with pytest.raises(SignInNeeded, match="Nobody is signed in"):
        ServerClient(there.channel, None).find(there.post())
    with pytest.raises(Refused, match="password is wrong"):
        there.client.sign_in(ACCOUNT, "guessed")


def test_too_many_posts_in_a_minute_have_to_wait(there: There, tmp_path: Path) -> None:
    for number in range(4):
        file = post_file(VIDEO)
        copy = tmp_path / f"{number}.mp4"
        copy.write_bytes(VIDEO.read_bytes() + bytes([number]) * 8)
        made = replace(there.post(number), file=replace(post_file(copy), seconds=file.seconds))
        there.client.send(made, "now", Progress())
    with pytest.raises(Later, match="Too many posts") as told:
        there.client.send(there.post(9), "now", Progress())
    assert 0 < told.value.wait_s <= 60


def test_a_clock_that_is_wrong_is_its_own_affair(there: There) -> None:
    there.fault("clock", -1, 7200)
    with pytest.raises(Refused, match="by the clock here"):
        there.client.send(there.post(), there.clock.wall + 3600, Progress())
    assert there.client.send(there.post(2), there.clock.wall + 9000, Progress()).there == "1"


def test_a_server_that_drips_is_not_waited_for_for_ever(there: There, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr("standtall.media.sockets.HEADERS_S", 0.6)
    there.fault("slow", 1, 4)
    with pytest.raises(Later, match="cannot be reached"):
        there.client.find(there.post())


def test_what_is_no_video_or_too_long_is_refused_after_it_was_looked_at(tmp_path: Path) -> None:
    for there in running(tmp_path, "quillbarn"):
        fake = tmp_path / "fake.mp4"
        fake.write_bytes(b"no video" * 500)
        post = there.post(1, title="", shelf="")
        assert post.file is not None
        import hashlib

        data = fake.read_bytes()
        post = replace(post, file=replace(post.file, path=str(fake), size=len(data), sha256=hashlib.sha256(data).hexdigest()))
        there.client.send(post, "now", Progress())
        found = there.client.find(post)
        assert found is not None and found.state == "refused" and "cannot be played" in found.reason


@pytest.mark.parametrize("name", NAMES)
def test_pages_show_posts_as_viewers_see_them_and_nothing_is_taken_for_html(tmp_path: Path, name: str) -> None:
    for there in running(tmp_path, name):
        rules = there.channel.posts.text
        text = {"title": "<b>Tide</b> & 'mill'" if rules.title_most else "", "description": "It's #tide & שלום <script>",
                "shelf": rules.shelves[0] if rules.shelves else ""}  # fmt: skip
        there.client.send(there.post(1, **text), "now", Progress())
        page = urllib.request.urlopen(there.server.address, timeout=10).read().decode()
        assert "<script>" not in page and "It&#x27;s" in page and '<span class="tag">#tide</span>' in page
        media = urllib.request.urlopen(urllib.request.Request(f"{there.server.address}/media/1", headers={"Range": "bytes=4-7"}), timeout=10)
        assert (media.status, media.read()) == (206, VIDEO.read_bytes()[4:8])
        trial = urllib.request.urlopen(f"{there.server.address}/trial", timeout=10).read().decode()
        assert all(kind in trial for kind in FAULTS) and PASSWORD in trial


def test_a_cover_goes_with_it_and_must_be_a_picture(there: There, tmp_path: Path) -> None:
    post = there.post()
    assert post.file is not None
    (tmp_path / "c.jpg").write_bytes(b"no picture")
    with pytest.raises(Refused, match="A cover is a JPEG"):
        there.client.send(replace(post, file=replace(post.file, cover=str(tmp_path / "c.jpg"))), "now", Progress())
    (tmp_path / "c.jpg").write_bytes(b"\xff\xd8\xff picture")
    there.client.send(replace(post, file=replace(post.file, cover=str(tmp_path / "c.jpg"))), "now", Progress())
    page = urllib.request.urlopen(there.server.address, timeout=10).read().decode()
    assert 'poster="/cover/1"' in page
    assert urllib.request.urlopen(f"{there.server.address}/cover/1", timeout=10).read() == b"\xff\xd8\xff picture"


def test_faults_are_set_by_its_own_page_and_by_no_other(there: There) -> None:
    body = json.dumps({"kind": "offline", "times": 2}).encode()
    urllib.request.urlopen(urllib.request.Request(f"{there.server.address}/trial", body, {"Content-Type": "application/json"}), timeout=10)
    assert there.server.memory.faults() == {"offline": (2, 0)}
    foreign = urllib.request.Request(f"{there.server.address}/trial", body, {"Origin": "http://elsewhere.example"})
    with pytest.raises(urllib.error.HTTPError, match="403"):
        urllib.request.urlopen(foreign, timeout=10)


@pytest.mark.parametrize("path", ["/v1/nothing", "/v1/posts/abc", "/v1/marks/xyz"])
def test_what_is_not_there_is_said(there: There, path: str) -> None:
    with pytest.raises(Refused, match=r"There is"):
        there.client._ask("GET", path)
