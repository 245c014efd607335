"""Choosing passages by their words."""
