"""The frozen data everything shares: sources, words, people, shorts, looks, and pure edits on them."""
