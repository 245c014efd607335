"""Renders: the queue of finished files, and what is put into it."""
