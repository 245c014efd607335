"""Errors that a person reads: what happened, what to do, and the facts behind it."""

from __future__ import annotations

from standtall.base.interface_language import tr


class StandTallError(Exception):
    """A failure to tell the user about.

    `message` says what happened in one sentence, `hint` what to do about it, `facts` names paths and numbers
    for the log. The core raises; the window and the command line show.
    """

    exit_code = 1

    def __init__(self, message: str, hint: str = "", **facts: object) -> None:
        super().__init__(message)
        self.message = message
        self.hint = hint
        self.facts = facts

    def __str__(self) -> str:
        return f"{self.message} {self.hint}".strip()


class MediaError(StandTallError):
    """A file that cannot be used as footage."""

    exit_code = 3


class OutputError(StandTallError):
    """A finished file that cannot be written, or that came out wrong."""

    exit_code = 4


class ProjectError(StandTallError):
    """A project file that cannot be opened or saved."""

    exit_code = 5


class ModelMissing(StandTallError):
    """The speech model is not on this machine."""

    exit_code = 6


class NothingToDo(StandTallError):
    """The request is understood, but there is nothing in the footage to do it with."""

    exit_code = 7


class Unforeseen(StandTallError):
    """A fault of the program itself: what was not done, and where the log of it is."""

    exit_code = 70


class Cancelled(StandTallError):
    """The person stopped the work."""

    exit_code = 130

    def __init__(self, message: str = tr("Stopped.")) -> None:
        super().__init__(message)


def disk_error(error: OSError, path: object) -> OutputError:
    """The `OSError` of a failed write, in words: disk full, no permission, or as the system says it."""
    import errno

    if error.errno == errno.ENOSPC:
        return OutputError(tr("The disk is full: {path} could not be written.", path=path), tr("Free some space and try again."))
    if error.errno in (errno.EACCES, errno.EPERM, errno.EROFS):
        return OutputError(
            tr("{path} may not be written.", path=path), tr("Choose a folder that you own, or change its permissions.")
        )
    if error.errno in (errno.ENOENT, errno.ENOTDIR):
        return OutputError(
            tr("{path} could not be made.", path=path), tr("Check that the folder's name is right and that it exists.")
        )
    return OutputError(
        tr("{path} could not be written: {error}.", path=path, error=error.strerror),
        tr("Try another folder."),
        errno=error.errno,
    )
