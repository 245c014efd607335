"""Finished files: encoding a short, and measuring what came out."""
