"""Stand Tall: horizontal talk footage in, finished portrait shorts out."""

__version__ = "0.1.0"
