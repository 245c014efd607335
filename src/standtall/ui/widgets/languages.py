"""Names of the languages that the recogniser knows best, by their codes."""

from __future__ import annotations

from typing import Final

from standtall.base.interface_language import tr
from standtall.model.brief import DETECT

LANGUAGES: Final = {
    DETECT: tr("find out"), "en": tr("English"), "ar": tr("Arabic"), "zh": tr("Chinese"), "cs": tr("Czech"),
        "da": tr("Danish"), "nl": tr("Dutch"),
    "fi": tr("Finnish"), "fr": tr("French"), "de": tr("German"), "el": tr("Greek"), "he": tr("Hebrew"), "hi": tr("Hindi"),
    "hu": tr("Hungarian"),
    "id": tr("Indonesian"), "it": tr("Italian"), "ja": tr("Japanese"), "ko": tr("Korean"), "no": tr("Norwegian"),
    "pl": tr("Polish"),
    "pt": tr("Portuguese"), "ro": tr("Romanian"), "ru": tr("Russian"), "es": tr("Spanish"), "sv": tr("Swedish"),
    "tr": tr("Turkish"), "uk": tr("Ukrainian"),
}  # fmt: skip
