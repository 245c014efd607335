"""`python -m standtall.cli.keep_methods`, at set-up: keeps the methods of what the window and its jobs load at their start."""

from standtall.base.methods import keep

STARTS = ("standtall.ui.app.whole_window", "standtall.ui.app.application", "standtall.cli.commands", "standtall.session.run")

if __name__ == "__main__":
    keep(STARTS)
