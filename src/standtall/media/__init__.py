"""Reads and writes media files. The only package that touches PyAV."""
