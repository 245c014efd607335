"""The key that machines which work together share: whoever has it is one of them, and nobody else is listened to.

It is one file with a private key and its own certificate (X.509, ECDSA P-256). Every connection is TLS, and both ends show that
they hold the key, before a byte of anything else is read.
"""

from __future__ import annotations

import datetime
import os
import ssl
from pathlib import Path
from typing import TYPE_CHECKING, Final

from standtall.base.errors import ProjectError, StandTallError
from standtall.base.files import written_whole
from standtall.base.folders import state_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes

if TYPE_CHECKING:
    from distributed.security import Security

LARGEST: Final = 20_000
DAYS: Final = 3_650
MISSING: Final = tr("Set the program up with ./start --machines, which fetches what many machines need.")


class NotSetUp(StandTallError):
    """The parts that many machines need are not installed."""


def own_key() -> Path:
    """The key for processes of this machine alone; made when it is first asked for."""
    path = state_folder() / "machines.pem"
    if not path.exists():
        make_key(path)
    return path


def make_key(path: Path) -> None:
    """Write a new key, readable for its owner alone; raises `OutputError` where it cannot be written or is there already."""
    try:
        from cryptography import x509
        from cryptography.hazmat.primitives import hashes, serialization
        from cryptography.hazmat.primitives.asymmetric import ec
    except ImportError as error:
        raise NotSetUp(tr("Keys for machines cannot be made here."), MISSING) from error
    if path.exists():
        raise ProjectError(
            tr("{name} is there already.", name=path.name), tr("Choose another name: a key that is in use is not replaced.")
        )
    key = ec.generate_private_key(ec.SECP256R1())
    name = x509.Name([x509.NameAttribute(x509.NameOID.COMMON_NAME, "stand-tall machines")])
    now = datetime.datetime.now(datetime.UTC)
    made = (
        x509.CertificateBuilder()
        .subject_name(name)
        .issuer_name(name)
        .public_key(key.public_key())
        .serial_number(x509.random_serial_number())
        .not_valid_before(now - datetime.timedelta(days=1))  # clocks differ
        .not_valid_after(now + datetime.timedelta(days=DAYS))
        .add_extension(x509.BasicConstraints(ca=True, path_length=0), critical=True)
        .sign(key, hashes.SHA256())
    )
    plain = key.private_bytes(serialization.Encoding.PEM, serialization.PrivateFormat.PKCS8, serialization.NoEncryption())
    path.parent.mkdir(parents=True, exist_ok=True)
    with written_whole(path) as part:
        with open(os.open(part, os.O_WRONLY | os.O_CREAT | os.O_TRUNC, 0o600), "wb") as file:  # noqa: PTH123 - never readable for others, not even at first
            file.write(plain + made.public_bytes(serialization.Encoding.PEM))
        part.chmod(0o600)


def checked_key(path: Path) -> Path:
    """The file of a key that can be used; raises `ProjectError` for anything else."""
    try:
        text = file_bytes(path, LARGEST)
    except (OSError, Unreadable) as error:
        raise ProjectError(
            tr("The key {path} cannot be read: {error}.", path=path, error=error),
            tr("Copy the key file that the machines share."),
        ) from error
    if b"PRIVATE KEY" not in text or b"CERTIFICATE" not in text:
        raise ProjectError(tr("{name} is no key of machines.", name=path.name), tr("Make one with: stand-tall new-key FILE"))
    return path


def context(path: Path, purpose: ssl.Purpose) -> ssl.SSLContext:
    """For connections over which both ends show that they hold the key."""
    try:
        made = ssl.create_default_context(purpose, cafile=str(checked_key(path)))
        made.check_hostname = False  # who holds the key counts, not what its machine is called
        made.verify_mode = ssl.CERT_REQUIRED
        made.minimum_version = ssl.TLSVersion.TLSv1_2
        made.load_cert_chain(str(path))
    except (ssl.SSLError, OSError) as error:
        raise ProjectError(
            tr("{name} is no key of machines.", name=path.name), tr("Make one with: stand-tall new-key FILE")
        ) from error
    return made


def security(path: Path) -> Security:
    """The same for the engine."""
    try:
        from distributed.security import Security
    except ImportError as error:
        raise NotSetUp(tr("Work on many machines is not set up here."), MISSING) from error
    context(path, ssl.Purpose.CLIENT_AUTH)  # says what is wrong with it in a sentence
    name = str(path)
    ends = {f"tls_{who}_{what}": name for who in ("client", "scheduler", "worker") for what in ("cert", "key")}
    return Security(require_encryption=True, tls_ca_file=name, **ends)
