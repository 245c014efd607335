"""Tasks on many machines, over `dask.distributed`: the only place that knows it. All that is sent is sent under a key that was
shared beforehand."""
