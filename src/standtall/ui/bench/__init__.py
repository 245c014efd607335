"""The Bench: one short cut, framed and captioned."""
