from __future__ import annotations

import stat
from pathlib import Path

import pytest

from standtall.posts.credentials import Account, Credentials

__all__ = ["bus"]
from tests.message_bus import bus
from tests.secret_store_stand_in import SecretStoreStandIn

ACCOUNT = Account("oddmarrow", "studio", "renewal-1")
NOWHERE = "unix:path=/nowhere/bus"


def test_accounts_are_in_the_desktops_store_where_there_is_one(bus: str, tmp_path: Path) -> None:
    store, mine = SecretStoreStandIn(bus), Credentials(bus, tmp_path / "accounts.json")
    assert mine.account("oddmarrow") is None
    assert "secret store" in mine.keep(ACCOUNT)
    mine.keep(Account("quillbarn", "studio", "other"))
    mine.keep(Account("oddmarrow", "studio", "renewal-2"))
    assert mine.account("oddmarrow") == Account("oddmarrow", "studio", "renewal-2") and len(store.items) == 2
    assert not (tmp_path / "accounts.json").exists()
    mine.forget("oddmarrow")
    assert mine.account("oddmarrow") is None and mine.account("quillbarn") is not None
    store.close()


@pytest.mark.parametrize("locked", [True, False])
def test_without_a_store_or_with_a_locked_one_a_file_that_only_the_user_reads(bus: str, tmp_path: Path, locked: bool) -> None:
    store = SecretStoreStandIn(bus, locked=True) if locked else None
    mine = Credentials(bus if locked else NOWHERE, tmp_path / "accounts.json")
    assert "only you can read" in mine.keep(ACCOUNT)
    assert stat.S_IMODE((tmp_path / "accounts.json").stat().st_mode) == 0o600
    assert mine.account("oddmarrow") == ACCOUNT
    (tmp_path / "accounts.json").chmod(0o644)
    assert mine.account("oddmarrow") == ACCOUNT
    assert stat.S_IMODE((tmp_path / "accounts.json").stat().st_mode) == 0o600
    mine.forget("oddmarrow")
    assert mine.account("oddmarrow") is None
    if store is not None:
        store.close()


def test_a_broken_file_of_accounts_means_nobody_is_signed_in(tmp_path: Path) -> None:
    (tmp_path / "accounts.json").write_text("{{{")
    assert Credentials(NOWHERE, tmp_path / "accounts.json").account("oddmarrow") is None
