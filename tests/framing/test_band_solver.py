"""Band equations against SciPy's own solver of them."""

from __future__ import annotations

import subprocess
import sys

import numpy as np
import pytest
from scipy.linalg import solveh_banded

from standtall.framing import band_solver
from standtall.framing.band_solver import solve_band


@pytest.mark.parametrize("n", [4, 5, 60, 2_000])
def test_equations_are_solved_as_by_the_reference_to_the_last_bit(n: int) -> None:
    """Reference: `scipy.linalg.solveh_banded`."""
    dice = np.random.default_rng(n)
    band = dice.uniform(-1, 1, (4, n))
    band[3] = 7 + dice.uniform(0, 3, n)
    right = dice.normal(size=n)
    before = band.copy(), right.copy()
    assert np.array_equal(solve_band(band, right), solveh_banded(band, right))
    assert np.array_equal(band, before[0]) and np.array_equal(right, before[1]), "what was given is as it was"


def test_what_is_not_positive_definite_is_told() -> None:
    with pytest.raises(np.linalg.LinAlgError, match="order 3"):
        solve_band(np.array([[0.0] * 5] * 3 + [[1.0, 1.0, -1.0, 1.0, 1.0]]), np.ones(5))


def test_the_routine_comes_without_the_rest_of_the_package_and_where_it_is_missing_with_it() -> None:
    code = (
        "import sys, numpy as np\n"
        "from standtall.framing import band_solver as b\n"
        "band, right = np.array([[0.0] * 6] * 3 + [[4.0] * 6]), np.ones(6)\n"
        "assert b.solve_band(band, right).tolist() == [0.25] * 6 and 'scipy.linalg' not in sys.modules\n"
        "b._dpbsv.cache_clear()\n"
        "b.importlib.machinery.EXTENSION_SUFFIXES[:] = ['.none']\n"
        "assert b._dpbsv().__doc__ and 'scipy.linalg' in sys.modules\n"
        "assert b.solve_band(band, right).tolist() == [0.25] * 6\n"
        "import scipy.linalg\n"
        "assert scipy.linalg.solveh_banded(band, right).tolist() == [0.25] * 6\n"
    )
    subprocess.run([sys.executable, "-c", code], check=True, timeout=600)
    assert band_solver.LAPACK.startswith("scipy")
