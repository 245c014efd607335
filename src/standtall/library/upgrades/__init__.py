"""Numbered upgrades of what is stored: each brings values of one version to the next."""
