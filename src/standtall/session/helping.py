"""Who carries tasks out: this very process for little, helpers on all cores of this machine for more."""

from __future__ import annotations

from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.jobs.helpers import LocalHelpers, usual_count
from standtall.jobs.tasks import Helpers, Here
from standtall.model.source import Source
from standtall.session.analysis_tasks import carried_out

LITTLE: Final = 20 * TICKS_PER_SECOND
"""Footage up to this length is analysed sooner than helpers have begun."""


def helpers_for(source: Source) -> Helpers:
    """Who analyses a source."""
    count = usual_count()
    return Here(carried_out) if count == 1 or source.length <= LITTLE else LocalHelpers(count)
