import { Anchor, Box, Button, Drawer, List, Stack, Text } from '@mantine/core';
import { Link, useLocation } from 'react-router';
import { terms } from './glossary';
import { topicFor } from './topics';

/** What is this: the view one is in, what to do in it, its words, and where else to look. */
export function HelpDrawer({
  opened,
  close,
  showKeys,
  startTour,
}: {
  opened: boolean;
  close: () => void;
  showKeys: () => void;
  startTour: () => void;
}) {
  const { pathname } = useLocation();
  const topic = topicFor(pathname);
  const own = terms.filter(({ term }) => topic?.terms.includes(term));
  return (
    <Drawer
      opened={opened}
      onClose={close}
      position="right"
      title={`What is this? ${topic?.title ?? ''}`}
      closeButtonProps={{ 'aria-label': 'Close the help' }}
    >
      <Stack gap="md">
        {topic && (
          <>
            <Text>{topic.what}</Text>
            <List spacing={6}>
              {topic.how.map((one) => (
                <List.Item key={one}>{one}</List.Item>
              ))}
            </List>
          </>
        )}
        {own.length > 0 && (
          <Box component="dl" m={0}>
            {own.map(({ term, means }) => (
              <Box key={term} mb="xs">
                <Text component="dt" fw={600}>
                  {term}
                </Text>
                <Text component="dd" size="sm" ml={0}>
                  {means}
                </Text>
              </Box>
            ))}
          </Box>
        )}
        <Button onClick={startTour}>Show me around, one minute</Button>
        <Button onClick={showKeys}>Keys</Button>
        <Anchor component={Link} to="/help/glossary" onClick={close}>
          Glossary, with names in all schools
        </Anchor>
        <Anchor component={Link} to="/help/sources" onClick={close}>
          Sources of every constant
        </Anchor>
      </Stack>
    </Drawer>
  );
}
