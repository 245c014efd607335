"""Finds the passages worth posting, and says why."""
