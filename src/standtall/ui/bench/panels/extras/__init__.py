"""The extras panel: what lies on the picture, cutaways, the ends of a short, sound effects."""
