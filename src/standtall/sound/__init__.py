"""The sound of a short: segments joined without clicks, levelled to a loudness."""
