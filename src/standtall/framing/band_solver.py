"""Solves the equations of a camera path: one symmetric band matrix of width four."""

from __future__ import annotations

import functools
import importlib.machinery
import importlib.util
import sys
from collections.abc import Callable
from pathlib import Path
from typing import Any, Final

import numpy as np
from numpy.typing import NDArray

LAPACK: Final = "scipy.linalg._flapack"


def solve_band(band: NDArray[np.float64], right: NDArray[np.float64]) -> NDArray[np.float64]:
    """The x (n,) of A x = `right` (n,), A symmetric and positive definite, by its upper diagonals (width, n), the main one last:
    what `scipy.linalg.solveh_banded` gives, by the same routine of LAPACK (DPBSV).

    Raises `numpy.linalg.LinAlgError` where A is not positive definite.
    """
    _, x, told = _dpbsv()(band, right, lower=0)
    if told > 0:
        raise np.linalg.LinAlgError(f"the leading minor of order {told} is not positive definite")
    return np.asarray(x)


@functools.cache
def _dpbsv() -> Callable[..., Any]:
    """The routine, out of SciPy's extension module alone: to import all of `scipy.linalg` takes ten times as long, while a
    project is being opened. Where SciPy keeps it elsewhere it is imported whole."""
    package = importlib.util.find_spec("scipy")
    folders = [] if package is None else list(package.submodule_search_locations or ())
    files = [Path(f) / "linalg" / f"_flapack{end}" for f in folders for end in importlib.machinery.EXTENSION_SUFFIXES]
    file = next((f for f in files if f.is_file()), None)
    if file is None or LAPACK in sys.modules:
        from scipy.linalg.lapack import dpbsv

        found: Callable[..., Any] = dpbsv
        return found
    spec = importlib.util.spec_from_file_location(LAPACK, file)
    assert spec is not None and spec.loader is not None
    module = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(module)
    routine: Callable[..., Any] = module.dpbsv
    return routine
