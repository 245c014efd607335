"""The Moments place: what is worth posting, and why."""
