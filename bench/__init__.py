"""What the program promises, measured as ratios in one run: `python -m bench [NAME ...] [--json]`."""
