"""Text to pixels: fonts, shaping, caption sprites. The only core package with QtGui."""
