"""The Footage place: sources, their briefs, their analysis."""
