"""A second set of footage for the benches: drawn and voiced in another way than the demo, with truth for every frame."""
