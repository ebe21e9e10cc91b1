<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Api\DraftReader;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Layout\LaidCuts;
use Uvret\App\Proof\Printing;
use Uvret\App\Repository\JobDesigns;
use Uvret\Cut\File\CutterFiles;
use Uvret\Cut\File\WearSide;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\Line;
use Uvret\Layout\Rows;
use Uvret\Parcel\DesignFile;
use Uvret\Proof\Proof;
use Uvret\Proof\ProofNotes;
use Uvret\Type\TypeCase;

/** Files to download. */
final readonly class DownloadController
{
    public function __construct(
        private JobDesigns $designs,
        private DraftReader $drafts,
        private CutterFiles $formats,
        private KnifePlanner $knife,
    ) {
    }

    #[Route('/api/designs/{id}/blade-side/{film}.{format}', methods: 'GET')]
    public function bladeSide(string $id, string $film, string $format, Request $request): Response
    {
        $copies = \max(1, \min(CutRoom::MOST, $request->query->getInt('copies', 1)));
        $written = $this->formats->named($format) ?? throw new NotFoundHttpException("Blade sides are not written as $format.");
        $plan = $this->drafts->draft($this->designs->get($id)->document)->plan;
        foreach ($plan->cutPlan->sheets as $sheet) {
            if ($sheet->film->id === $film) {
                $name = 1 === $copies ? "$id-$film-blade-side.$format" : "$id-$film-$copies-blade-sides.$format";

                return $this->file($written->write($this->knife->plan(Rows::of($sheet, $copies)->sheet(), new KnifeSettings())), $name, $written->mediaType());
            }
        }
        throw new NotFoundHttpException('Nothing of this design is cut from that film.');
    }

    /** A film of a layout. */
    #[Route('/api/layouts/{film}/{stock}.{format}', requirements: ['format' => 'svg|hpgl|dxf|pdf'], methods: 'GET')]
    public function layout(string $film, string $stock, string $format, LaidCuts $cuts): Response
    {
        $sheet = $cuts->sheet($film, $stock) ?? throw new NotFoundHttpException('Nothing is laid out on that film.');
        $written = $this->formats->named($format) ?? throw new NotFoundHttpException("Layouts are not written as $format.");

        return $this->file($written->write($this->knife->plan($sheet, new KnifeSettings())), "layout-$film.$format", $written->mediaType());
    }

    #[Route('/api/designs/{id}/wear-side.svg', methods: 'GET')]
    public function wearSide(string $id): Response
    {
        $plan = $this->drafts->draft($this->designs->get($id)->document)->plan;

        return $this->file(WearSide::svg($plan->design, $plan->composition, $plan->separation), "$id-wear-side.svg");
    }

    /** The design with its fonts as one file. */
    #[Route('/api/designs/{id}/design-file', methods: 'GET')]
    public function designFile(string $id, TypeCase $typeCase): Response
    {
        $draft = $this->drafts->draft($this->designs->get($id)->document);
        $fonts = \array_values(\array_unique(\array_map(static fn (Line $line): string => $line->lettering->font, $draft->plan->design->lines)));

        return $this->file(DesignFile::pack($this->drafts->encode($draft->document), $fonts, $typeCase)->bytes(), "$id.uvret.zip", 'application/zip');
    }

    /** The customer's proof of the design as it is now. */
    #[Route('/api/designs/{id}/proof.{format}', requirements: ['format' => 'png|pdf'], methods: 'GET')]
    public function proof(string $id, string $format, Request $request, Proof $proof, Printing $printing): Response
    {
        $design = $this->designs->get($id);
        $approved = $design->approved();
        $svg = $proof->page($this->drafts->draft($design->document)->plan, new ProofNotes(
            $design->job->title,
            $design->job->customer,
            $design->step,
            (new \DateTimeImmutable())->format('j F Y'),
            $approved?->step === $design->step ? \sprintf('Approved by %s on %s', $approved->by, $approved->at?->format('j F Y')) : null,
        ));
        $file = 'pdf' === $format ? $printing->pdf($svg) : $printing->png($svg, \min(3000, \max(200, $request->query->getInt('width', 1654))));

        return $this->file($file, "$id-proof-$design->step.$format", 'pdf' === $format ? 'application/pdf' : 'image/png');
    }

    private function file(string $content, string $name, string $type = 'image/svg+xml'): Response
    {
        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
            'Cache-Control' => 'no-store',
        ]);
    }
}
