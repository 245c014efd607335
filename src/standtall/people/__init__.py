"""Who is in the picture: cuts, faces followed through shots, the same person again, who is talking."""
