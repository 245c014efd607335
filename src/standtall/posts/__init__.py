"""Posts: times, filling, proposed texts, what is kept of them, the outbox, and the channels that ship to try it on."""
