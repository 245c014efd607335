"""The sound of a short: the talk, and what is mixed with it."""
