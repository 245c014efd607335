"""Names of the languages that the recogniser knows best, by their codes."""

from __future__ import annotations

from typing import Final

from standtall.model.brief import DETECT

LANGUAGES: Final = {
    DETECT: "find out", "en": "English", "ar": "Arabic", "zh": "Chinese", "cs": "Czech", "da": "Danish", "nl": "Dutch",
    "fi": "Finnish", "fr": "French", "de": "German", "el": "Greek", "he": "Hebrew", "hi": "Hindi", "hu": "Hungarian",
    "id": "Indonesian", "it": "Italian", "ja": "Japanese", "ko": "Korean", "no": "Norwegian", "pl": "Polish",
    "pt": "Portuguese", "ro": "Romanian", "ru": "Russian", "es": "Spanish", "sv": "Swedish", "tr": "Turkish", "uk": "Ukrainian",
}  # fmt: skip
