<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

/** A decoded JSON document, read and changed by paths like document.lines.0.lettering.words. */
final class Json
{
    /** @param array<mixed> $data */
    public function __construct(private array $data)
    {
    }

    public static function of(string $json): self
    {
        $data = \json_decode($json, true, 64, \JSON_THROW_ON_ERROR);

        return new self(\is_array($data) ? $data : throw new \LogicException('Not a document: '.$json));
    }

    public function get(string $path): mixed
    {
        $at = $this->data;
        foreach (\explode('.', $path) as $step) {
            $at = \is_array($at) && \array_key_exists($step, $at) ? $at[$step] : throw new \LogicException("There is no $path.");
        }

        return $at;
    }

    public function int(string $path): int
    {
        $value = $this->get($path);

        return \is_int($value) ? $value : throw new \LogicException("$path is not a whole number.");
    }

    public function float(string $path): float
    {
        $value = $this->get($path);

        return \is_int($value) || \is_float($value) ? (float) $value : throw new \LogicException("$path is not a number.");
    }

    public function string(string $path): string
    {
        $value = $this->get($path);

        return \is_string($value) ? $value : throw new \LogicException("$path is not text.");
    }

    public function part(string $path): self
    {
        $value = $this->get($path);

        return new self(\is_array($value) ? $value : throw new \LogicException("$path is not a document."));
    }

    /** The same document with one value changed, added, or with null removed. */
    public function with(string $path, mixed $value): self
    {
        $data = $this->data;
        $at = &$data;
        $steps = \explode('.', $path);
        $last = \array_pop($steps);
        foreach ($steps as $step) {
            \assert(\is_array($at));
            $at = &$at[$step];
        }
        \assert(\is_array($at));
        if (null === $value) {
            unset($at[$last]);
        } else {
            $at[$last] = $value;
        }

        return new self($data);
    }

    /** @return array<mixed> */
    public function data(): array
    {
        return $this->data;
    }

    public function __toString(): string
    {
        return \json_encode($this->data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }
}
