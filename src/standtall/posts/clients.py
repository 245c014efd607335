"""Who talks to a channel, by the way that posts go there."""

from __future__ import annotations

from standtall.base.progress import Progress
from standtall.model.channel import Channel
from standtall.posts.answers import Client
from standtall.posts.credentials import Credentials
from standtall.posts.folder_client import FolderClient
from standtall.posts.server_client import ServerClient


class Clients:
    """Kept by channel as it stands in its file, so that a token serves for many posts."""

    def __init__(self, credentials: Credentials, progress: Progress) -> None:
        self._credentials, self._progress = credentials, progress
        self._kept: dict[str, tuple[Channel, object, Client]] = {}

    def client_for(self, channel: Channel) -> Client:
        if channel.posts.delivery.way != "server":
            return FolderClient(channel)
        account = self._credentials.account(channel.name)
        kept = self._kept.get(channel.name)
        if kept is None or kept[:2] != (channel, account):
            client = ServerClient(channel, account, self._credentials.keep, self._progress)
            kept = self._kept[channel.name] = channel, account, client
        return kept[2]
