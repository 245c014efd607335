"""The window as a whole: its frame, places, actions and shortcuts."""
