"""The page of the transcript with its lanes."""
