"""What everything else stands on: time, rectangles, errors, progress, folders, safe files."""
