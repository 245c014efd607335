"""Preferences, a card for each matter."""
