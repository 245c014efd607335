"""The sound of a short: excerpts joined without clicks, levelled to a loudness."""
