"""Stand Tall: horizontal talk footage in, finished portrait shorts out."""

from standtall.base.methods import take_kept

__version__ = "0.1.0"

take_kept()
