<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Checklist;
use App\Models\Keeper;
use App\Models\Tank;
use Carbon\CarbonImmutable;

final class ForecastCheckTest extends FeatureCase
{
    /** @return array{Keeper, Tank, Checklist} a change of 30 of 100 L that ended two days ago */
    private function finished(): array
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-01 18:00'));
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank, ['reason' => 'amount', 'way' => 'litres', 'litres' => '30']);
        $this->finishRun($checklist, CarbonImmutable::parse('2026-03-01 18:10'), CarbonImmutable::parse('2026-03-01 19:00'));
        $this->travelTo(CarbonImmutable::parse('2026-03-03 12:00'));

        return [$keeper, $tank, $checklist->refresh()];
    }

    public function testWithoutAnAfterTestItWaits(): void
    {
        [, , $checklist] = $this->finished();
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Not tested yet')->assertSee('Test');
    }

    public function testAForecastThatHeldIsSaidToHold(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        $this->read($keeper, $tank, ['conductivity' => '350', 'nitrate' => '20-40 nearer 20'], CarbonImmutable::parse('2026-03-02 18:00'));
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Next day')->assertSee('The forecast was right.')
            ->assertSee('as forecast');
    }

    public function testWhenAllIsOffTheAmountIsSuspected(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        // As if 80 of 100 L had been changed: conductivity 378, nitrate 10, GH 8.4, KH 5.5.
        $this->read(
            $keeper,
            $tank,
            ['conductivity' => '378', 'nitrate' => '10', 'general_hardness' => '9', 'carbonate_hardness' => '6'],
            CarbonImmutable::parse('2026-03-01 20:00'),
        );
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Right after')
            ->assertSee('Most likely: a different amount was changed.');
    }

    public function testWhenOneIsOffTheNewWaterOrTheTestIsSuspected(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        $this->read(
            $keeper,
            $tank,
            ['conductivity' => '349', 'nitrate' => '40-80 nearer 80', 'general_hardness' => '8', 'carbonate_hardness' => '5'],
            CarbonImmutable::parse('2026-03-01 20:00'),
        );
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Right after, nitrate is higher than forecast.')
            ->assertSee('Most likely: the new water, or one test.')
            // 30 of 100 L at 30 mg/L became some 70: (70 - 0.7 * 30) / 0.3 are 163 of the new water.
            ->assertSee('or one of the two tests was wrong: test')->assertDontSee('again, calibrate the meter, and note the hour (light and CO₂ move it).');
    }

    public function testAPhThatNoWaterExplainsIsATestThatWasOff(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        $this->read(
            $keeper,
            $tank,
            ['conductivity' => '349', 'ph' => '9.4', 'general_hardness' => '8', 'carbonate_hardness' => '5'],
            CarbonImmutable::parse('2026-03-01 20:00'),
        );
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('no source water explains it: test pH again')
            ->assertDontSee('or one of the two tests was wrong: test');
    }

    public function testReadingsOfOtherDaysAreNotHeldAgainstIt(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        $this->read($keeper, $tank, ['conductivity' => '500'], CarbonImmutable::parse('2026-03-01 17:00'));
        $this->read($keeper, $tank, ['conductivity' => '500'], CarbonImmutable::parse('2026-03-03 19:30'));
        $this->get("/checklists/$checklist->id/forecast-check")->assertOk()->assertSee('Not tested yet');
    }

    public function testTheRoundAsksForTheNextDayCheck(): void
    {
        [$keeper, $tank] = $this->finished();
        $this->travelTo(CarbonImmutable::parse('2026-03-02 17:00'));
        $this->get('/')->assertSee('Test again today');
        $this->read($keeper, $tank, ['ph' => '7.1'], CarbonImmutable::parse('2026-03-02 16:00'));
        $this->get('/')->assertDontSee('Test again today')->assertSee('Nothing due');
        $this->travelTo(CarbonImmutable::parse('2026-03-11 12:00'));
        $this->get('/')->assertSee('Water change 3 days late');
    }

    public function testAnOpenSheetHasNothingToLookBackAt(): void
    {
        [$keeper, $tank] = $this->readyTank();
        $checklist = $this->writeRun($keeper, $tank);
        $this->get("/checklists/$checklist->id/forecast-check")->assertRedirect("/checklists/$checklist->id");
        $this->get("/tanks/$tank->id/forecast-check")->assertOk()->assertSee('Nothing to check yet');
    }

    public function testAForecastOpensToItsWorking(): void
    {
        [$keeper, $tank, $checklist] = $this->finished();
        $this->read($keeper, $tank, ['conductivity' => '350'], CarbonImmutable::parse('2026-03-01 20:00'));
        // 70 % of 330 and 30 % of 390.
        $this->get("/checklists/$checklist->id/forecast-check?working=conductivity", ['HX-Request' => 'true'])->assertOk()
            ->assertSee('As forecast. The page’s range also includes how well the volume is')->assertSee('<b>348.1</b>', false);
        $this->get("/checklists/$checklist->id/forecast-check?working=conductivity", ['HX-Request' => ''])->assertOk()->assertSee('Checklist')
            ->assertSee('What goes in');
        $this->get("/checklists/$checklist->id/forecast-check?working=ph", ['HX-Request' => 'true'])->assertOk()->assertSee('Not worked out yet');
    }
}
