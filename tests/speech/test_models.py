"""Which recognition model is used, and larger ones."""

from __future__ import annotations

from pathlib import Path

import pytest

from standtall.base.errors import ModelMissing
from standtall.base.folders import data_folder
from standtall.speech import models


def a_model(folder: Path, *names: str) -> Path:
    folder.mkdir(parents=True, exist_ok=True)
    for name in names or ("model.bin", "config.json", "vocabulary.txt"):
        (folder / name).write_bytes(b"x")
    return folder


@pytest.mark.parametrize("there", [(), ("config.json", "vocabulary.json"), ("model.bin",), ("model.bin", "config.json")])
def test_a_folder_without_a_model_says_what_is_missing(tmp_path: Path, there: tuple[str, ...]) -> None:
    folder = tmp_path / "m"
    folder.mkdir()
    if there:
        a_model(folder, *there)
    missing = next(n for n in ("model.bin", "config.json", "vocabulary.json") if n not in there)
    with pytest.raises(ModelMissing, match=f"no {missing}") as told:
        models.usable(folder)
    assert "CTranslate2" in told.value.hint


def test_the_chosen_model_goes_before_the_one_that_ships(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.delenv(models.CHOSEN, raising=False)
    with pytest.raises(ModelMissing, match="not on this machine"):
        models.require()
    own = a_model(tmp_path / "own")
    monkeypatch.setenv(models.CHOSEN, str(own))
    assert models.require() == own
    (own / "model.bin").unlink()
    with pytest.raises(ModelMissing, match=r"no model\.bin"):
        models.require()


def test_a_larger_model_comes_whole_or_not_at_all() -> None:
    folder = data_folder() / "models" / "speech-small"

    def fetched(size: str, output_dir: str) -> str:
        assert size == "small"
        return str(a_model(Path(output_dir)))

    assert models.fetch_larger("small", fetched) == folder and models.usable(folder) == folder
    assert models.fetch_larger("small", fetched) == folder  # again, in its place
    assert [p.name for p in folder.parent.iterdir()] == ["speech-small"]

    def half(_size: str, output_dir: str) -> None:
        a_model(Path(output_dir), "config.json")

    def offline(_size: str, output_dir: str) -> None:
        raise ConnectionError

    with pytest.raises(ModelMissing, match=r"no model\.bin"):
        models.fetch_larger("medium", half)
    with pytest.raises(ModelMissing, match="ConnectionError") as told:
        models.fetch_larger("medium", offline)
    assert "internet" in told.value.hint
    with pytest.raises(ModelMissing, match="no model called"):
        models.fetch_larger("../evil", fetched)
    assert not (folder.parent / "speech-medium").exists()
