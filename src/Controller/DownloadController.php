<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\Drafting;
use Uvret\App\Repository\JobDesigns;
use Uvret\Cut\SvgSheet;

/** Files to take away. */
final readonly class DownloadController
{
    public function __construct(
        private JobDesigns $designs,
        private Drafting $drafting,
        private SvgSheet $svg,
    ) {
    }

    #[Route('/api/designs/{id}/blade-side/{film}.svg', methods: 'GET')]
    public function bladeSide(string $id, string $film): Response
    {
        $plan = $this->drafting->draft($this->designs->get($id)->document)->plan;
        foreach ($plan->cutPlan->sheets as $sheet) {
            if ($sheet->film->id === $film) {
                return $this->file($this->svg->bladeSide($sheet), "$id-$film-blade-side.svg");
            }
        }
        throw new NotFoundHttpException('Nothing of this design is cut from that film.');
    }

    #[Route('/api/designs/{id}/wear-side.svg', methods: 'GET')]
    public function wearSide(string $id): Response
    {
        $plan = $this->drafting->draft($this->designs->get($id)->document)->plan;

        return $this->file($this->svg->wearSide($plan->design, $plan->composition), "$id-wear-side.svg");
    }

    private function file(string $svg, string $name): Response
    {
        return new Response($svg, 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
            'Cache-Control' => 'no-store',
        ]);
    }
}
