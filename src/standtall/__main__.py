"""`python -m standtall` is the command line."""

import sys

from standtall.cli.main import main

if __name__ == "__main__":
    sys.exit(main())
