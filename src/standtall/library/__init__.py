"""What is kept on disk: project files, the analysis cache, settings."""
