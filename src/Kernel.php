<?php

declare(strict_types=1);

namespace Uvret\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\Config\Resource\DirectoryResource;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** What the core worked out is known by the contents of its code: another code may come to something else. */
    protected function build(ContainerBuilder $container): void
    {
        $core = $this->getProjectDir().'/core';
        $container->addResource(new DirectoryResource($core));
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($core, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $files[\substr($file->getPathname(), \strlen($core))] = (string) \hash_file('xxh128', $file->getPathname());
        }
        \ksort($files);
        $container->setParameter('uvret.code', \hash('xxh128', \serialize($files)));
    }
}
