import {
  AGE_BANDS,
  ageOf,
  ALTERATION_SCHOOLS,
  amountOf,
  bandOf,
  inUnits,
  type Look,
  PRACTICAL_RULES,
  type PracticalRule,
} from '@outfit/core';
import { type ReactNode, useState } from 'react';
import { type BriefDto, type FigureDto, useSetRoleMutation } from '@/api';
import { AmountInput, Choice, Input, KeptInput, Label, TextArea } from '@/ui';
import { useWorkspace } from '@/workspace';
import { Banned } from './Banned';
import { HouseMark } from './HouseMark';
import { ColourWishes } from './ColourWishes';

const SCHOOL_WORDS: Record<(typeof ALTERATION_SCHOOLS)[number], string> = {
  'as moulded': 'as moulded: official parts, only recombined',
  altered: 'altered: cutting and erasing allowed',
  'open bench': 'open bench: third-party parts too',
  'on paper': 'on paper: imagined colours too',
};
const RULE_WORDS: Readonly<Record<PracticalRule, string>> = {
  'hair tied': 'hair tied',
  'legs in sight': 'legs in sight',
  'face in sight': 'face in sight',
  'hands free': 'hands free',
  'stands alone': 'stands without a stand',
  'nothing on the back': 'nothing on the back',
};

interface BriefFieldsProps {
  readonly figure: FigureDto;
  readonly brief: BriefDto;
  readonly look: Look;
  readonly onChange: (part: Partial<BriefDto>) => void;
}

/** Who it is, how old, what is allowed, and what it is for. */
export function BriefFields({ figure, brief, look, onChange }: BriefFieldsProps) {
  const { currency, catalogue } = useWorkspace();
  const system = catalogue.systemOf(brief);
  const { systems } = catalogue.data;
  const [setRole] = useSetRoleMutation();
  const house = { figure, brief };
  const age = ageOf(brief);
  const band = bandOf(brief, system);
  const toggle = (rule: PracticalRule): void =>
    onChange({ rules: brief.rules.includes(rule) ? brief.rules.filter((other) => other !== rule) : [...brief.rules, rule] });
  return (
    <>
      <Part title="Who" open>
        <Label text="Name">
          <Input
            value={brief.name}
            maxLength={80}
            onChange={(event) => event.target.value !== '' && onChange({ name: event.target.value })}
          />
        </Label>
        <Label text="Role in the line-up">
          <KeptInput
            label="Role in the line-up"
            placeholder="none yet"
            optional
            value={figure.role}
            maxLength={60}
            onKeep={(role) => void setRole({ id: figure.id, roleDto: { role: role.trim() } })}
          />
        </Label>
        <Label text="Story">
          <TextArea rows={3} maxLength={2000} value={brief.story} onChange={(event) => onChange({ story: event.target.value })} />
        </Label>
        {systems.length > 1 && (
          <Label text="Of which toy line">
            <Choice
              value={system.id}
              options={systems.map(({ id, name }) => ({ value: id, label: name }))}
              onChoose={(id) => onChange({ system: id })}
            />
          </Label>
        )}
        <div className="grid grid-cols-2 gap-2">
          <Year text="Born in" value={brief.born} onChange={(born) => onChange({ born })} />
          <Year text="Year of the story" value={brief.year} onChange={(year) => onChange({ year })} />
        </div>
        <HouseMark {...house} rule="year" />
        {age === null || brief.ageBand === 'giant' ? (
          <Label text="Age, and the height it stands at">
            <Choice
              value={brief.ageBand}
              options={AGE_BANDS.map((value) => ({ value, label: `${value}, ${system.bandHeightMm[value].toFixed(1)} mm` }))}
              onChoose={(ageBand) => onChange({ ageBand })}
            />
          </Label>
        ) : (
          <p data-testid="age-band" className="text-[0.93rem]">
            {age} years old in the story: {band}, stands {system.bandHeightMm[band].toFixed(1)} mm.
          </p>
        )}
      </Part>
      <Part title="Colours" open>
        <ColourWishes colours={brief.colours} look={look} onChange={(colours) => onChange({ colours })} />
        <HouseMark {...house} rule="colours" />
        <Label text="How many main colours, accent apart">
          <Choice
            value={String(brief.mainColours)}
            options={['1', '2', '3', '4', '5', '6', '7', '8'].map((value) => ({ value, label: value }))}
            onChoose={(value) => onChange({ mainColours: Number(value) })}
          />
        </Label>
        <HouseMark {...house} rule="mainColours" />
      </Part>
      <Part title="Schools and rules" open>
        <Label text="Alteration school">
          <Choice
            value={brief.alterationSchool}
            options={ALTERATION_SCHOOLS.map((school) => ({ value: school, label: SCHOOL_WORDS[school] }))}
            onChoose={(alterationSchool) => onChange({ alterationSchool })}
          />
        </Label>
        <HouseMark {...house} rule="alterationSchool" />
        <Label text="Skin school">
          <Choice
            value={brief.skinSchool}
            options={[
              { value: 'natural', label: 'natural tones' },
              { value: 'house', label: 'one house tone for everybody' },
            ]}
            onChoose={(skinSchool) => onChange({ skinSchool })}
          />
        </Label>
        <HouseMark {...house} rule="skinSchool" />
        <fieldset>
          <legend className="text-pencil mb-0.5 text-[0.87rem]">Practical rules</legend>
          <div className="grid grid-cols-2 gap-x-2 text-[0.93rem]">
            {PRACTICAL_RULES.map((rule) => (
              <label key={rule} className="flex items-center gap-1.5">
                <input type="checkbox" className="accent-lagoon" checked={brief.rules.includes(rule)} onChange={() => toggle(rule)} />
                {RULE_WORDS[rule]}
              </label>
            ))}
          </div>
        </fieldset>
        <Banned brief={brief} onChange={onChange} />
        <HouseMark {...house} rule="bannedSources" />
      </Part>
      <Part title="Budget, copies, date">
        <div className="grid grid-cols-2 gap-2">
          <Label text={`Budget in ${currency}`}>
            <Budget currency={currency} minor={brief.budgetMinor} onChange={(budgetMinor) => onChange({ budgetMinor })} />
          </Label>
          <Label text="Copies">
            <Input
              type="number"
              min={1}
              max={500}
              value={brief.copies}
              onChange={(event) => onChange({ copies: Math.min(500, Math.max(1, Math.round(Number(event.target.value) || 1))) })}
            />
          </Label>
        </div>
        <HouseMark {...house} rule="budgetMinor" />
        <Label text="Wanted by">
          <Input type="date" value={brief.dueOn ?? ''} onChange={(event) => onChange({ dueOn: event.target.value || null })} />
        </Label>
        <Label text="Never shown together with figures that say the same">
          <Input
            value={brief.neverWith ?? ''}
            maxLength={80}
            placeholder="such as Odile; they share their pieces"
            onChange={(event) => onChange({ neverWith: event.target.value })}
          />
        </Label>
        <label className="flex items-center gap-2 text-[0.93rem]">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={brief.newOnly ?? false}
            onChange={(event) => onChange({ newOnly: event.target.checked })}
          />
          Takes only new pieces
        </label>
        <Label text="Who asked for it">
          <Input value={brief.requester} maxLength={120} onChange={(event) => onChange({ requester: event.target.value })} />
        </Label>
        <Label text="Whose idea it was">
          <Input value={brief.credit} maxLength={120} onChange={(event) => onChange({ credit: event.target.value })} />
        </Label>
        {figure.role !== '' && <p className="text-pencil text-[0.87rem]">Role in the line-up: {figure.role}</p>}
      </Part>
    </>
  );
}

function Part({ title, open = false, children }: { readonly title: string; readonly open?: boolean; readonly children: ReactNode }) {
  return (
    <details open={open} className="border-rule mt-3 border-t pt-2">
      <summary className="font-head cursor-pointer font-semibold">{title}</summary>
      <div className="mt-2 space-y-2.5">{children}</div>
    </details>
  );
}

const YEAR_LIMIT = 9999;

function Year({
  text,
  value,
  onChange,
}: {
  readonly text: string;
  readonly value: number | null;
  readonly onChange: (year: number | null) => void;
}) {
  return (
    <Label text={text}>
      <Input
        type="number"
        value={value ?? ''}
        onChange={(event) => {
          const year = Math.round(Number(event.target.value));
          onChange(event.target.value === '' || !Number.isFinite(year) ? null : Math.max(-YEAR_LIMIT, Math.min(YEAR_LIMIT, year)));
        }}
      />
    </Label>
  );
}

interface BudgetProps {
  readonly minor: number | null;
  readonly currency: string;
  readonly onChange: (minor: number | null) => void;
}

/** What may be spent; nothing typed is no budget. The field owns its text until the budget is another than that says. */
function Budget({ minor, currency, onChange }: BudgetProps) {
  const shown = minor === null ? '' : inUnits(minor, currency);
  const [text, setText] = useState(shown);
  const amount = amountOf(text, currency);
  const isOwn = amount === 'unreadable' || (amount === 'nothing' ? null : amount) === minor;
  return (
    <AmountInput
      currency={currency}
      value={isOwn ? text : shown}
      onType={(next) => {
        setText(next);
        const typed = amountOf(next, currency);
        if (typed !== 'unreadable') onChange(typed === 'nothing' ? null : typed);
      }}
    />
  );
}
