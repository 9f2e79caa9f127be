import { useState } from "react";
import styled from "styled-components";
import type { Picture, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Kept } from "../reading/Kept";
import { SignButton, TextButton } from "../ui/Button";
import { Select } from "../ui/Field";
import { Sign } from "../ui/Sign";
import {
  allowed,
  changed,
  illustrated,
  imageAddress,
  isDrawing,
  MOST_PICTURES,
  PLACES,
} from "./pictures";

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) 32px;
    gap: 0 14px;
    align-items: start;
  }
  img {
    width: 84px;
    height: 64px;
    object-fit: contain;
    background: ${({ theme }) => theme.vellum};
    border: 1px solid ${({ theme }) => theme.rule};
    border-radius: ${({ theme }) => theme.radius};
  }
`;

const Ways = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  select { padding: 2px 6px; min-height: 28px; font-size: 14px; line-height: 20px; }
  input {
    width: 62px;
    padding: 3px 6px;
    font: 400 14px/20px ${({ theme }) => theme.control};
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.page};
    border: 1px solid ${({ theme }) => theme.rule};
    border-radius: ${({ theme }) => theme.radius};
  }
  a { color: ${({ theme }) => theme.rubric}; }
`;

type TopicPicturesProps = {
  map: string;
  topic: Topic;
  actions: DeskActions;
  onAdd: () => void;
};

/** The pictures of a topic: what they show, where they stand and how wide. */
export function TopicPictures({ map, topic, actions, onAdd }: TopicPicturesProps) {
  const { pictures } = topic;
  return (
    <section aria-label="Pictures">
      {pictures.length > 0 && (
        <List>
          {pictures.map((picture, i) => (
            <li key={picture.id}>
              <img src={imageAddress(map, picture.image)} alt={picture.alt} />
              <OnePicture
                map={map}
                topic={topic}
                picture={picture}
                name={picture.alt || `picture ${i + 1}`}
                actions={actions}
              />
              <SignButton
                aria-label={`Take ${picture.alt || `picture ${i + 1}`} off`}
                onPress={() =>
                  actions.edit(
                    illustrated(
                      topic,
                      pictures.filter((other) => other.id !== picture.id),
                    ),
                  )
                }
              >
                <Sign name="close" />
              </SignButton>
            </li>
          ))}
        </List>
      )}
      {pictures.length < MOST_PICTURES && (
        <TextButton onPress={onAdd}>
          {pictures.length > 0 ? "Another picture" : "Add a picture"}
        </TextButton>
      )}
    </section>
  );
}

type OnePictureProps = {
  map: string;
  topic: Topic;
  picture: Picture;
  name: string;
  actions: DeskActions;
};

function OnePicture({ map, topic, picture, name, actions }: OnePictureProps) {
  const change = (to: Partial<Picture>) => actions.edit(changed(topic, picture.id, to));
  return (
    <div>
      <Kept
        label={`What ${name} shows`}
        placeholder="Say what it shows, for those who cannot see it"
        value={picture.alt}
        longest={1000}
        line
        onKeep={(alt) => change({ alt })}
      />
      <Ways>
        <Select
          aria-label={`Place of ${name}`}
          value={picture.where}
          onChange={(event) => change({ where: event.target.value as Picture["where"] })}
        >
          {PLACES.map(([where, words]) => (
            <option key={where} value={where}>
              {words}
            </option>
          ))}
        </Select>
        <Width
          key={picture.width}
          name={name}
          picture={picture}
          onKeep={(width) => change({ width })}
        />
        {!isDrawing(picture.image) && (
          <a href={`/api/maps/${map}/pictures/${picture.image}/whole`} download>
            Save the whole
          </a>
        )}
      </Ways>
    </div>
  );
}

type WidthProps = { name: string; picture: Picture; onKeep: (width: number) => void };

function Width({ name, picture, onKeep }: WidthProps) {
  const [width, setWidth] = useState(String(Math.round(picture.width)));
  const keep = () => {
    const wished = Number(width);
    const kept = allowed(wished, picture.ratio);
    if (wished > 0 && Math.round(picture.width) !== wished && kept !== picture.width) {
      onKeep(kept);
    } else {
      setWidth(String(Math.round(picture.width)));
    }
  };
  return (
    <label>
      width{" "}
      <input
        aria-label={`Width of ${name}`}
        type="number"
        min={16}
        max={640}
        step={8}
        value={width}
        onChange={(event) => setWidth(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
    </label>
  );
}
