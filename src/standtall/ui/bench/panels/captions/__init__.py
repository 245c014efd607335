"""The captions panel: looks, what differs from them, cards, emphasis and emoji."""
