<?php

declare(strict_types=1);

namespace Uvret\App\Proof;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/** Makes PNG and PDF files of SVG pages, with librsvg's rsvg-convert. */
final readonly class Printing
{
    private const CONFIG = <<<'XML'
        <?xml version="1.0"?>
        <!DOCTYPE fontconfig SYSTEM "urn:fontconfig:fonts.dtd">
        <fontconfig><dir>%s</dir><cachedir>%s</cachedir></fontconfig>
        XML;

    public function __construct(
        #[Autowire('%kernel.project_dir%/config/proof')] private string $fonts,
        #[Autowire('%kernel.cache_dir%/proof')] private string $cache,
    ) {
    }

    /** @throws PrintingException if rsvg-convert is missing or fails */
    public function pdf(string ...$pages): string
    {
        if (1 === \count($pages)) {
            return $this->convert((string) \reset($pages), '--format=pdf');
        }
        $files = \array_map(static function (string $page): string {
            $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret-page');
            \file_put_contents($file, $page);

            return $file;
        }, \array_values($pages));
        try {
            return $this->convert('', '--format=pdf', ...$files);
        } finally {
            \array_map(\unlink(...), $files);
        }
    }

    /** @throws PrintingException if rsvg-convert is missing or fails */
    public function png(string $svg, int $width): string
    {
        return $this->convert($svg, '--format=png', "--width=$width", '--keep-aspect-ratio');
    }

    private function convert(string $svg, string ...$options): string
    {
        if (!\is_dir($this->cache)) {
            \mkdir($this->cache, 0o777, true);
        }
        // Proofs use the app's fonts, whatever the machine has.
        $config = $this->cache.'/fonts.conf';
        \file_put_contents($config, \sprintf(self::CONFIG, \htmlspecialchars($this->fonts, \ENT_XML1), \htmlspecialchars($this->cache, \ENT_XML1)));
        $process = new Process(['rsvg-convert', ...$options], env: ['FONTCONFIG_FILE' => $config], input: $svg, timeout: 30);
        $process->run();

        return $process->isSuccessful() ? $process->getOutput() : throw PrintingException::failed($process->getErrorOutput());
    }
}
