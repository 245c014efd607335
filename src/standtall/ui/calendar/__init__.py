"""The calendar: what goes out where and when."""
