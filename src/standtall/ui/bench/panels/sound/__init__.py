"""The sound panel: the talk, its speakers, music, another recorder, meters."""
