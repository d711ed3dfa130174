<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Services\Weighed;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Parts;
use Waage\Design\Rates;
use Waage\Design\Reserve;
use Waage\Design\Result;
use Waage\Design\ShortlistRow;
use Waage\Design\Show;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/** Document in, result out; nothing is stored. */
final class DesignController extends Controller
{
    public function design(Request $request, Weighed $weighed): JsonResponse
    {
        $document = $request->input('document');
        $document = is_array($document) ? $document : [];
        $design = new Design(MemberReader::member($document));
        $weighed->remember($document, $design);

        return new JsonResponse(
            (new Result(
                $design,
                Show::fromText(is_string($request->input('show')) ? $request->input('show') : ''),
            ))->toArray(),
        );
    }

    public function shortlist(Request $request): JsonResponse
    {
        $design = Design::brief($this->member($request));

        $rates = Rates::read($this->user($request)->office()->firstOrFail()->rates ?? []);

        return new JsonResponse(array_map(fn (ShortlistRow $r): array => $r->toArray($rates), $design->shortlist()));
    }

    /** What can be chosen of materials, and their national parameters. */
    public function materials(): JsonResponse
    {
        return new JsonResponse(Design::materials());
    }

    public function influence(Request $request): JsonResponse
    {
        $ask = $request->input('influence');

        return new JsonResponse(Influence::of($this->member($request), is_array($ask) ? $ask : [])->toArray());
    }

    /** What a value of a diagram is made of. */
    public function parts(Request $request): JsonResponse
    {
        $ask = $request->input('parts');

        return new JsonResponse(
            Parts::of(Design::brief($this->member($request)), is_array($ask) ? $ask : [])->toArray(),
        );
    }

    public function collapse(Request $request): JsonResponse
    {
        $combination = $request->input('combination');

        return new JsonResponse(
            (new Design($this->member($request)))->collapse(is_string($combination) ? $combination : ''),
        );
    }

    public function reserve(Request $request): JsonResponse
    {
        $document = $request->input('document');

        return new JsonResponse((new Reserve(is_array($document) ? $document : []))->toArray());
    }

    private function member(Request $request): Member
    {
        $document = $request->input('document');

        return MemberReader::member(is_array($document) ? $document : []);
    }
}
