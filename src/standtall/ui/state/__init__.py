"""What is open and chosen: small objects that the widgets read and listen to."""
